/** When a session is: by the clock on the wall, wherever that is ("2027-03-01T09:30"). */
export type LocalTime = string;

export const LOCAL_TIME = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/u;
