/** Stands where packages import what only Node.js has, in branches that no browser comes to. */
export {};
