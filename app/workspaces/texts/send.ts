/** Sends what is to be done to the route's action. */
export type Send = (body: object) => void;
