/** What an archive says of itself in pellucid.json. */
export const ARCHIVE_FORMAT = 1;
export const ARCHIVE_KIND = 'pellucid-archive';
