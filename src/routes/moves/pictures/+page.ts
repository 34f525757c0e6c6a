export { load } from '../+page';
