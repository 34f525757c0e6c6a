import './old-require';
import { Transfer, worker } from 'workerpool';
import { answer, type Asked } from '../heavy/answers';

// The entry of a worker: it takes one request after another. Its files lie in it as data addresses.
worker({
  answer: async (asked: Asked) => {
    const answered = await answer(asked, fetch);
    // Handed over, not copied: files may be large.
    return new Transfer(answered, [answered.bytes.buffer]);
  },
});
