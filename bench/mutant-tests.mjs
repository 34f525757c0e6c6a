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
  bail: 1,
  reporters: [{}],
});
await vitest.standalone();
const all = await vitest.globTestSpecifications();
await vitest.runTestSpecifications(all);
const failing = new Set(failed());

function failed() {
  return vitest.state
    .getTestModules()
    .filter((module) => module.state() === 'failed')
    .map(({ moduleId }) => moduleId);
}

/** The tests that read a file, the nearest first. */
function readersOf(file) {
  const seen = new Set();
  const nearest = new Map();
  for (const project of vitest.projects) {
    const graph = project.vite.environments.ssr.moduleGraph;
    let edge = [...(graph.getModulesByFile(file) ?? [])];
    for (let far = 0; edge.length > 0; far += 1) {
      const next = [];
      for (const module of edge) {
        if (seen.has(module)) continue;
        seen.add(module);
        nearest.set(module.file, Math.min(far, nearest.get(module.file) ?? far));
        next.push(...module.importers);
      }
      edge = next;
    }
  }
  const beside = (spec) => (dirname(spec.moduleId) === dirname(file) ? 0 : 1);
  return all
    .filter(({ moduleId }) => nearest.has(moduleId) && !failing.has(moduleId))
    .sort((a, b) => beside(a) - beside(b) || nearest.get(a.moduleId) - nearest.get(b.moduleId));
}

process.on('message', async (file) => {
  const specs = readersOf(file);
  const near = Math.max(4, Math.ceil(specs.length / 6));
  let by = null;
  for (const some of [specs.slice(0, near), specs.slice(near)]) {
    if (by !== null || some.length === 0) continue;
    vitest.invalidateFile(file);
    await vitest.runTestSpecifications(some);
    by = failed().find((module) => some.some(({ moduleId }) => moduleId === module)) ?? null;
  }
  vitest.invalidateFile(file);
  process.send({ by });
});
process.send({ failing: [...failing] });
