import {
  beatInWords,
  beatLabel,
  carryMoves,
  copyAdventure,
  parseArrupJson,
  serializeArrupJson,
  spokenLines,
  UNHEADED,
  type Adventure,
  type Beat,
} from '$core';
import { newId } from '$lib/store/new-id';
import { notices } from '$lib/ui/notices.svelte';
import type { Desk } from './desk.svelte';
import { pasteLines } from './put-in';

/** What a copied line is called on the clipboard: whole, beside its words as plain text. */
export const COPIED_LINES = 'application/x-arrup-lines';

/** Words are marked in a field: they, and not the line, are what is copied. */
function hasMarkedWords(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) {
    return target.selectionStart !== target.selectionEnd;
  }
  return document.getSelection()?.isCollapsed === false;
}

/** The id of the line that the keyboard is in. */
function lineOf(target: EventTarget | null): string | null {
  const line = target instanceof Element ? target.closest<HTMLElement>('[data-beat]') : null;
  return line?.dataset.beat ?? null;
}

/** A copied line travels as a small adventure of its own, and is checked like a file when it comes back. */
function written(adventure: Adventure, beat: Beat): string {
  const [chapter] = adventure.chapters;
  const chapters = [{ ...chapter!, title: UNHEADED, beats: [beat] }];
  return serializeArrupJson(carryMoves({ ...adventure, chapters, setAside: [] }, []));
}

/** Cut, copy and paste of whole lines, within an adventure and between two. */
export function clipboardFor(desk: Desk) {
  function put(event: ClipboardEvent): string | null {
    const id = lineOf(event.target);
    if (id === null || hasMarkedWords(event.target) || !event.clipboardData) return null;
    const beat = desk.rows.all.get(id)?.beat;
    if (!beat) return null;
    const words = [...spokenLines(beat), `${beatLabel(beat, desk.book)} ${beatInWords(beat)}`];
    event.clipboardData.setData(COPIED_LINES, written(desk.adventure, beat));
    event.clipboardData.setData('text/plain', words.join('\n'));
    event.preventDefault();
    return id;
  }
  return {
    copy(event: ClipboardEvent): void {
      if (put(event) !== null) notices.say('The line is copied. Ctrl+V puts it in below a line.');
    },
    cut(event: ClipboardEvent): void {
      const id = put(event);
      if (id !== null) desk.remove(id);
    },
    paste(event: ClipboardEvent): void {
      const text = event.clipboardData?.getData(COPIED_LINES);
      if (!text || event.defaultPrevented) return;
      event.preventDefault();
      const read = parseArrupJson(text);
      if (!read.ok) {
        notices.say('That line can’t be read any more.');
        return;
      }
      const field = event.target instanceof Element ? event.target.closest('[data-chapter]') : null;
      const chapterId = field?.getAttribute('data-chapter') ?? null;
      pasteLines(desk, copyAdventure(read.value, '', newId), {
        after: lineOf(event.target),
        chapterId,
      });
    },
  };
}
