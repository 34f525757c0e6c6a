/** Picking a thing up, or putting it down, in seconds. Our own judgement. */
export const HANDLE_SECONDS = 1;

/** Things on the floor, fetched one at a time to a goal by so many children. */
export type Fetching = Readonly<{
  children: number;
  things: number;
  /** From the goal to the things, one way. */
  metres: number;
  seconds: number;
  /** Of the way of travelling, for the age. */
  metresPerSecond: number;
}>;

/** What comes of it, and what would make it come out. */
export type FetchSums = Readonly<{
  /** One way there and back, in seconds. */
  tripSeconds: number;
  /** Ways there and back that a child has time for, and things that all of them bring. */
  trips: number;
  brought: number;
  enough: boolean;
  /** All things are brought: in this time, or over this way, or if there are only so many. */
  secondsNeeded: number;
  /** 0 where not even no way at all would do. */
  mostMetres: number;
  mostThings: number;
}>;

const secondsOfTrip = (metres: number, speed: number) => (2 * metres) / speed + 2 * HANDLE_SECONDS;

/**
 * How many things so many children can bring one at a time: trips x children, a trip being there and
 * back with picking up and putting down. Throws a RangeError for a speed that is not above 0.
 */
export function fetchSums({
  children,
  things,
  metres,
  seconds,
  metresPerSecond,
}: Fetching): FetchSums {
  if (!(metresPerSecond > 0)) throw new RangeError(`fetchSums: ${metresPerSecond} m/s`);
  const trip = secondsOfTrip(metres, metresPerSecond);
  // A trip that ends with the time is a whole one, whatever the last digit says.
  const trips = Math.floor(seconds / trip + 1e-9);
  const brought = trips * children;
  const tripsEach = children === 0 ? 0 : Math.ceil(things / children);
  const spare = tripsEach === 0 ? 0 : seconds / tripsEach - 2 * HANDLE_SECONDS;
  return {
    tripSeconds: trip,
    trips,
    brought: Math.min(brought, things),
    enough: brought >= things,
    secondsNeeded: Math.ceil(tripsEach * trip - 1e-9),
    mostMetres: Math.max(0, Math.floor(((spare * metresPerSecond) / 2) * 10) / 10),
    mostThings: brought,
  };
}
