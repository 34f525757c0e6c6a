import { describe, expect, it } from 'vitest';
import { textOfHtml } from './docx-text';

describe('the text of a word processor’s document', () => {
  it.each([
    ['<h1>The ferry</h1><p>Off we go.</p>', '# The ferry\nOff we go.'],
    ['<h3>Warm-up</h3>', '### Warm-up'],
    ['<ul><li>10 squats</li><li><p>5 hops</p></li></ul>', '- 10 squats\n- 5 hops'],
    ['<p>One<br/>two</p>', 'One\ntwo'],
    ['<p>Tom &amp; Pip &lt;3 &quot;hi&quot; &#39;s&nbsp;</p>', 'Tom & Pip <3 "hi" \'s'],
    ['<p>&unknown;</p>', '&unknown;'],
    ['<p><strong>10</strong> <em>squats</em></p>', '10 squats'],
    ['<p>One</p><p></p><p>Two</p>', 'One\nTwo'],
    ['', ''],
  ])('%s', (html, text) => {
    expect(textOfHtml(html)).toBe(text);
  });
  it('the cells of a row stand in one line, empty ones left out', () => {
    const row = '<tr><td><p>squats</p><p>slow</p></td><td></td><th>10</th></tr>';
    expect(textOfHtml(`<table>${row}</table>`)).toBe('squats slow 10');
  });
});
