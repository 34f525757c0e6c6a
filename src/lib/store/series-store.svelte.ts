import { parseDocument, SERIES, type Series } from '$core';
import { jsonFile } from './as-file';
import { putNow } from './db';
import { Kept } from './kept.svelte';
import { tabs } from './tabs';
import { today } from './today';
import { written } from './written';

/** All series of this browser, the one that was changed last first. */
class AllSeries extends Kept<Series> {
  constructor() {
    super({
      store: 'series',
      parse: (row) => parseDocument(SERIES, row),
      newest: (row) => String((row as { savedAt?: unknown } | null)?.savedAt ?? ''),
    });
  }

  async put(series: Series): Promise<void> {
    const kept: Series = { ...series, savedAt: today() };
    const file = () => jsonFile('series.json', kept);
    const what = `The series “${series.title || 'without a title'}”`;
    await written(what, (db) => putNow(db, 'series', kept), file);
    tabs.tell({ type: 'series', id: series.id });
  }

  override async remove(id: string): Promise<number | null> {
    const place = await super.remove(id);
    await this.load();
    return place;
  }
}

export const allSeries = new AllSeries();
