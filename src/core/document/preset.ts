import { z } from 'zod';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import { settingSchema } from '../model/setting';
import { changeSetting } from './migrations/to-version-2';

export const presetSchema = z.strictObject({
  version: z.literal(2),
  name: z.string().min(1).max(120),
  setting: settingSchema,
});

/** A setting of the presenter's own, kept under a name. */
export type Preset = DeepReadonly<z.infer<typeof presetSchema>>;

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

/** Version 1 had no number; its settings may be of before grown-ups and no-go strips. */
export const PRESET: DocumentKind<Preset> = {
  version: 2,
  unnumbered: 1,
  migrations: [
    {
      from: 1,
      migrate: (preset) => ({
        ...preset,
        setting: isObject(preset.setting) ? changeSetting(preset.setting) : preset.setting,
      }),
    },
  ],
  schema: presetSchema,
};
