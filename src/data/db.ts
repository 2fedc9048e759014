/** The driver's own handle, under the name that the room uses. */
import type Database from 'better-sqlite3';

export type Db = Database.Database;
