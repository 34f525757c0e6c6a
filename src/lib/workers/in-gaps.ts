/*
 * Work that can wait is done in the gaps between the browser's own, a little at a time: no key stroke
 * and no scrolling waits for it.
 */
type Job = () => void;
const waiting: Job[] = [];
let asked = false;

/** At the latest after so many milliseconds one job is done, however busy the page is. */
const PATIENCE_MS = 250;
/** A job is begun while so much of a gap is left, in milliseconds. */
const ENOUGH_MS = 4;

function work(gap: Pick<IdleDeadline, 'timeRemaining'>): void {
  asked = false;
  do waiting.shift()?.();
  while (waiting.length > 0 && gap.timeRemaining() > ENOUGH_MS);
  if (waiting.length > 0) ask();
}

function ask(): void {
  if (asked) return;
  asked = true;
  if (typeof requestIdleCallback === 'undefined')
    setTimeout(() => work({ timeRemaining: () => 0 }), 8);
  else requestIdleCallback(work, { timeout: PATIENCE_MS });
}

/** Does a job in a gap, after those that wait already. Returns the way to call it off. */
export function inGap(job: Job): () => void {
  waiting.push(job);
  ask();
  return () => {
    const at = waiting.indexOf(job);
    if (at >= 0) waiting.splice(at, 1);
  };
}

/** What is this far outside of the screen is drawn before it is scrolled to. */
const NEAR = '600px';
const jobs = new WeakMap<Element, Job>();
let sight: IntersectionObserver | null = null;

function watcher(): IntersectionObserver {
  sight ??= new IntersectionObserver(
    (entries) => {
      for (const { isIntersecting, target } of entries) {
        if (isIntersecting) jobs.get(target)?.();
      }
    },
    { rootMargin: NEAR },
  );
  return sight;
}

/** Runs once, in a gap, when the element comes near to the screen: an attachment. */
export const whenNear =
  (run: Job) =>
  (element: Element): (() => void) => {
    let callOff = () => {};
    jobs.set(element, () => {
      watcher().unobserve(element);
      callOff = inGap(run);
    });
    watcher().observe(element);
    return () => {
      watcher().unobserve(element);
      callOff();
    };
  };
