/** The children of the pictures, by name; apart from what they look like, which is drawn with. */
export const LOOK_IDS = ['reed', 'lamp', 'dusk', 'clay', 'chalk', 'punt'] as const;
export type LookId = (typeof LOOK_IDS)[number];

/** Who is in the pictures: all of them, or one. */
export const LOOK_CHOICES = ['mixed', ...LOOK_IDS] as const;
export type LookChoice = (typeof LOOK_CHOICES)[number];
