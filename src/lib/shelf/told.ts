export { lengthInShort, lengthTold, toldLength } from '$core';
