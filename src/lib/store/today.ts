/** The time of day, ISO 8601 in UTC. */
export const today = (): string => new Date().toISOString();
