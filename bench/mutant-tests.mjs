/*
 * The unit tests of a copy of the project, kept warm: a file's name comes in, the first test that fails
 * with what stands in it now goes out. Started by mutants.mjs.
 */
import { dirname } from 'node:path';
import { createVitest } from 'vitest/node';

const [, , root] = process.argv;
const vitest = await createVitest('test', {
  root,
  watch: true,
  // The first run is whole, whatever fails; later ones stop at the first failure.
  testTimeout: 120_000,
  reporters: [{}],
});
await vitest.standalone();
const all = await vitest.globTestSpecifications();
await vitest.runTestSpecifications(all);
const failing = new Set(failed());
for (const { config } of [vitest, ...vitest.projects]) config.bail = 1;

function failed() {
  return vitest.state
    .getTestModules()
    .filter((module) => module.state() === 'failed')
    .map(({ moduleId }) => moduleId);
}

const took = new Map(
  vitest.state
    .getTestModules()
    .map((module) => [
      module.moduleId,
      module.diagnostic().duration + module.diagnostic().collectDuration,
    ]),
);

/** Every file that reads this one, by way of others too. */
function readersOf(file) {
  const seen = new Set();
  for (const { vite } of vitest.projects) {
    const graph = vite.environments.ssr.moduleGraph;
    const edge = [...(graph.getModulesByFile(file) ?? [])];
    while (edge.length > 0) {
      const module = edge.pop();
      if (seen.has(module.file)) continue;
      seen.add(module.file);
      edge.push(...module.importers);
    }
  }
  return seen;
}

/** The tests that read a file, in three goes: those beside it and the quickest, the quick, the rest. */
function goesFor(file) {
  const readers = readersOf(file);
  const beside = ({ moduleId }) => (dirname(moduleId) === dirname(file) ? 0 : 1);
  const specs = all
    .filter(({ moduleId }) => readers.has(moduleId) && !failing.has(moduleId))
    .sort((a, b) => beside(a) - beside(b) || took.get(a.moduleId) - took.get(b.moduleId));
  const goes = [[], [], []];
  let sum = 0;
  for (const spec of specs) {
    sum += took.get(spec.moduleId);
    goes[sum < 3_000 ? 0 : sum < 15_000 ? 1 : 2].push(spec);
  }
  return goes;
}

process.on('message', async (file) => {
  let by = null;
  for (const specs of goesFor(file)) {
    if (by !== null || specs.length === 0) continue;
    vitest.invalidateFile(file);
    await vitest.runTestSpecifications(specs);
    by = failed().find((module) => specs.some(({ moduleId }) => moduleId === module)) ?? null;
  }
  vitest.invalidateFile(file);
  process.send({ by });
});
process.send({ failing: [...failing] });
