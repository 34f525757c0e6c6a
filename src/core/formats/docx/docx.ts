import type { Paragraph as DocxParagraph } from 'docx';
import { xmlSigns } from '../../words/xml-signs';
import type { Block, ClockRow, PrintText, Run } from '../../print/document';

type Docx = typeof import('docx');

/** Half points, twentieths of a point: the units of the format. */
const HALF_POINTS = { title: 52, heading: 30, text: 24, notes: 19 } as const;
const SOFT = '5a666d';
const FONT = 'Atkinson Hyperlegible Next';

function paragraphsOf(docx: Docx, block: Block): DocxParagraph[] {
  const { Paragraph, TextRun } = docx;
  const run = ({ text, strong, soft }: Run) =>
    new TextRun({ text: xmlSigns(text), bold: strong, color: soft ? SOFT : undefined });
  const clockRow = ({ clock, runs, said, notes, dose }: ClockRow) => {
    const parts: Run[] = [
      ...(clock ? [{ text: `${clock}  `, soft: true }] : []),
      ...runs,
      ...(dose ? [{ text: `  ${dose}`, strong: true }] : []),
      ...(said ? [{ text: `  \u201c${said}\u201d` }] : []),
    ];
    const words = parts.map(run);
    const small = notes
      ? [new TextRun({ text: xmlSigns(notes), break: 1, size: HALF_POINTS.notes, color: SOFT })]
      : [];
    return new Paragraph({ children: [...words, ...small], spacing: { after: 80 } });
  };
  switch (block.kind) {
    case 'heading':
      return [
        new Paragraph({
          heading: docx.HeadingLevel.HEADING_1,
          keepNext: true,
          children: [
            new TextRun({ text: xmlSigns(block.text) }),
            ...(block.aside
              ? [new TextRun({ text: `  ${block.aside}`, bold: false, color: SOFT })]
              : []),
          ],
        }),
      ];
    case 'said':
      return [
        new Paragraph({ text: xmlSigns(`\u201c${block.text}\u201d`), spacing: { after: 120 } }),
      ];
    case 'line':
      return [
        new Paragraph({ children: block.runs.map(run), spacing: { before: 120, after: 120 } }),
      ];
    case 'item':
    case 'tick':
      return [new Paragraph({ children: block.runs.map(run), bullet: { level: 0 } })];
    case 'clock rows':
      return block.rows.map(clockRow);
  }
}

/**
 * A text as a word processor's document (Office Open XML), with real headings and lists. The package
 * is loaded when it is first used.
 */
export async function writeDocx({ title, under, blocks }: PrintText): Promise<Uint8Array> {
  const docx = await import('docx');
  const { Document, Packer, Paragraph, TextRun, HeadingLevel } = docx;
  const document = new Document({
    title: xmlSigns(title),
    creator: 'Arrup',
    styles: {
      default: {
        document: { run: { font: FONT, size: HALF_POINTS.text } },
        title: { run: { font: FONT, size: HALF_POINTS.title, bold: true } },
        heading1: {
          run: { font: FONT, size: HALF_POINTS.heading, bold: true },
          paragraph: { spacing: { before: 280, after: 100 } },
        },
      },
    },
    sections: [
      {
        children: [
          new Paragraph({ heading: HeadingLevel.TITLE, text: xmlSigns(title) }),
          ...under.map(
            (one) =>
              new Paragraph({ children: [new TextRun({ text: xmlSigns(one), color: SOFT })] }),
          ),
          ...blocks.flatMap((block) => paragraphsOf(docx, block)),
        ],
      },
    ],
  });
  return new Uint8Array(await Packer.toArrayBuffer(document));
}
