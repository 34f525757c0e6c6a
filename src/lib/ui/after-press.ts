/** Whether a finger or a mouse button is down. */
let isDown = false;

if (typeof addEventListener === 'function') {
  addEventListener('pointerdown', () => (isDown = true), true);
  for (const end of ['pointerup', 'pointercancel'] as const)
    addEventListener(end, () => (isDown = false), true);
}

/**
 * Runs something that moves what is on the page: at once, or, where a button is just being pressed, when
 * that is done, so that the button is not moved away from under the finger.
 */
export function afterPress(run: () => void): void {
  if (!isDown) {
    run();
    return;
  }
  const later = () => setTimeout(run);
  addEventListener('pointerup', later, { once: true });
  addEventListener('pointercancel', later, { once: true });
}
