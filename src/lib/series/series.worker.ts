import { candidatesFor, proposalsFor } from '$core';
import { readDates, writeSeries } from '$core/files';
import { format } from 'date-fns';
import { readStart, STARTS } from '$lib/shelf/starts';
import { fileWorld } from '$lib/files/file-world';
import { answerRequests } from '$lib/workers/ask-worker';
import type { SeriesAnswer, SeriesRequest } from './protocol';

const toWall = (utc: Date) => format(utc, "yyyy-MM-dd'T'HH:mm");

answerRequests<SeriesRequest, SeriesAnswer>(self, async (asked, onProgress) => {
  if (asked.as === 'dates') return { as: 'dates', read: readDates(asked.text, toWall) };
  if (asked.as === 'next') {
    const { question, shelf, pace } = asked;
    const starts = await Promise.all(STARTS.map(readStart));
    const candidates = candidatesFor(question.series, question.covered, shelf, starts, pace);
    return { as: 'next', proposals: proposalsFor({ ...question, candidates }) };
  }
  const { job, now, format: id } = asked;
  const world = fileWorld((url) => fetch(url), job.choices.look, now, onProgress);
  return { as: 'file', bytes: await writeSeries(id, { ...job, world }) };
});
