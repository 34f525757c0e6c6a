import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { serializeTakesCsv, TAKES_COLUMNS } from './takes-csv';

const at = '2026-11-26T09:00:00.000Z';

describe('the list of takes', () => {
  it('counts the takes of each beat, and is read back by another parser (csv-parse)', () => {
    const text = serializeTakesCsv({
      labels: { bt_1: '=Frogs, "jump"', bt_2: 'Drink' },
      takes: [
        { beatId: 'bt_1', startedAt: at, lengthSeconds: 61.4, mark: 'again' },
        { beatId: 'bt_2', startedAt: at, lengthSeconds: 5, mark: null },
        { beatId: 'bt_1', startedAt: at, lengthSeconds: 70, mark: 'good' },
      ],
    });
    const rows: unknown = parse(text);
    expect(rows).toEqual([
      [...TAKES_COLUMNS],
      ['\'=Frogs, "jump"', '1', at, '1:01', 'again'],
      ['Drink', '1', at, '0:05', ''],
      ['\'=Frogs, "jump"', '2', at, '1:10', 'good'],
    ]);
  });

  it('has its header alone where nothing was filmed', () => {
    expect(serializeTakesCsv({ labels: {} })).toBe(`${TAKES_COLUMNS.join(',')}\r\n`);
  });
});
