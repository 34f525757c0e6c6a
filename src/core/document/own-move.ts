import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import { moveSchema } from '../model/move';
import { slugSchema } from '../model/text';

const schema = z.strictObject({ version: z.literal(2), id: slugSchema, move: moveSchema });

/** A move of the presenter's own, as it is kept outside adventures. */
export type OwnMove = DeepReadonly<z.infer<typeof schema>>;

/** Version 1 was the bare move; the first of them had no figures. */
export const OWN_MOVE: DocumentKind<OwnMove> = {
  version: 2,
  unnumbered: 1,
  migrations: [{ from: 1, migrate: (move) => ({ id: move.id, move: { figure: null, ...move } }) }],
  schema,
};
