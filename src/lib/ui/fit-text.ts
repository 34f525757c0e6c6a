/**
 * Sets the largest type between `least` and `most` pixels at which the element's words fit its
 * parent's height and width. For use as an attachment; runs again when the words or room change.
 */
export function fitText(least: number, most: number) {
  return (element: HTMLElement) => {
    const room = element.parentElement!;
    const fits = () =>
      element.scrollHeight <= room.clientHeight + 1 && element.scrollWidth <= room.clientWidth + 1;
    const fit = () => {
      let [low, high] = [least, most];
      while (high - low > 1) {
        const middle = Math.floor((low + high) / 2);
        element.style.fontSize = `${middle}px`;
        if (fits()) low = middle;
        else high = middle;
      }
      element.style.fontSize = `${high}px`;
      if (!fits()) element.style.fontSize = `${low}px`;
    };
    fit();
    const sizes = new ResizeObserver(fit);
    sizes.observe(room);
    const words = new MutationObserver(fit);
    words.observe(element, { characterData: true, childList: true, subtree: true });
    void document.fonts.ready.then(fit);
    return () => {
      sizes.disconnect();
      words.disconnect();
    };
  };
}
