/** Says what something is or does when it's pointed at or come to by keys; the part that shows it is fetched then. */
export const tip = (text: string | undefined) => (element: HTMLElement) => {
  if (!text) return undefined;
  element.ariaDescription = text;
  const show = () => void import('./tips').then(({ showTip }) => showTip(element, text));
  element.addEventListener('pointerenter', show);
  element.addEventListener('focus', show);
  if (element === document.activeElement) show();
  return () => {
    element.removeEventListener('pointerenter', show);
    element.removeEventListener('focus', show);
    element.ariaDescription = null;
  };
};
