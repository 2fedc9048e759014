/** Why something is not painted at home, and whom to ask. */
export const NOT_PLANNED: Readonly<Record<string, string>> = {
  helmet:
    'Solvent and paint can weaken a shell or visor without a trace. Ask its maker: only what he allows in writing, or a new one in the colour you want.',
  belt: 'Paint and solvent weaken webbing and its buckles, and a life hangs on them. Leave it; a dealer replaces it.',
  airbag:
    'A painted airbag cover may not open, or come apart in pieces. Leave it alone; a garage trained for airbags swaps it.',
  brake:
    'Paint on a brake part can make it stick, drag heat or fail. Leave it to a brake workshop; the maker’s own spare parts come painted.',
  tyre: 'Solvent eats rubber where nobody sees it. Leave it; a tyre dealer knows what may go on it.',
  cylinder:
    'A gas cylinder is tested and marked under pressure, and its colour says what is in it. Ask its owner or filler; only they may paint it.',
  'tank-inside':
    'Fuel takes paint off the inside of a tank and into the engine. Ask a tank workshop about a sealer made for it.',
  food: 'No paint here is made to eat from. Ask for a product that its maker declares for food, or leave it bare.',
  water:
    'No paint here is made for drinking water. Ask a water installer for a coating that is approved for it where you live.',
  toy: 'Small children put it in their mouths. Take a paint that its maker declares for toys (EN 71-3 where it applies), and ask him how.',
  structural:
    'Paint hides a crack and heals none. Have it looked at and mended by a trained person first; then come back with what is sound.',
};
