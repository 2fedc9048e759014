/** Assumed figures by name, for the list behind “how this was computed”. */
export const ASSUMPTIONS: Readonly<Record<string, string>> = {
  'overrun-mm': 'Spray runs this far past every edge',
  transfer: 'Share of the solids that lands and stays',
  heel: 'Left in the can when it spits',
  'habit-sd': 'Spread of the use by the painter’s habit, the same in every coat',
  'coat-sd': 'Spread of the use from coat to coat',
  'risk-of-short': 'Chance of running out in mid-coat that the margin allows',
  'hour-value': 'Value of an hour of yours',
  'delay-per-day': 'Cost of a day of waiting',
  'dew-gap': 'Least gap to the dew point, ISO 12944-7',
  members: 'Futures tried',
  shelter: 'Shelter, by which wind, sun and open sky are reckoned',
  'coats-before-forecast': 'Drying before the forecast starts is taken at its',
};
