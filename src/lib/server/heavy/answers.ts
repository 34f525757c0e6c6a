import type { Answer, ReadAsset } from './an-answer';
import { answerCheck } from './check';
import { answerExport } from './export-file';
import { answerFit } from './fit';
import { answerForecast } from './forecast';
import { answerIdeas } from './ideas';
import { answerImport } from './import-plan';
import { answerOdds } from './odds';
import { answerRead } from './read';
import { answerReview } from './review';
import { answerSchedule } from './schedule';
import { answerCoverage, answerNext } from './series';

/** Every route that may take its time, by name. */
export const ANSWERS = {
  check: answerCheck,
  export: answerExport,
  fit: answerFit,
  forecast: answerForecast,
  ideas: answerIdeas,
  import: answerImport,
  odds: answerOdds,
  read: answerRead,
  review: answerReview,
  schedule: answerSchedule,
  'series/coverage': answerCoverage,
  'series/next': answerNext,
} as const satisfies Readonly<Record<string, Answer>>;
export type AnswerName = keyof typeof ANSWERS;

/** A request on its way to a worker, and its answer on the way back: plain values only. */
export type Asked = Readonly<{
  name: AnswerName;
  format: string;
  contentType: string;
  bytes: Uint8Array;
}>;
export type Answered = Readonly<{
  status: number;
  headers: readonly (readonly [string, string])[];
  bytes: Uint8Array<ArrayBuffer>;
}>;

/** One request answered, wherever that is done. */
export async function answer(
  { name, format, contentType, bytes }: Asked,
  readAsset: ReadAsset,
): Promise<Answered> {
  const request = new Request(`http://arrup.local/api/${name}`, {
    method: 'POST',
    headers: { 'content-type': contentType },
    body: new Uint8Array(bytes),
  });
  const response = await ANSWERS[name](request, format, readAsset);
  return {
    status: response.status,
    headers: [...response.headers],
    bytes: new Uint8Array(await response.arrayBuffer()),
  };
}
