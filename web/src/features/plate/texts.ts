/** What the board of the plate says, in the order of the files that say it. */

// PlateBoard
export const energy = 'Energy';
export const protein = 'Protein';
export const fat = 'Fat';
export const carbohydrate = 'Carbohydrate';
export const salt = 'Salt';
export const to = (from: string, to: string, unit: string) => `${from} to ${to} ${unit}`;
export const onePersonsPlate = 'One person’s plate';
export const peopleWhoEat = 'People who eat';
export const ofWholeDish = 'Of the whole dish';
export const fromAirFryer = 'From the air fryer';
export const fromPot = 'From the pot';
export const foodCoatOilThat = (count: number, people: number) =>
  `Food, coat, oil that stays and what stands beside, ${count} pieces shared by ${people}. Estimates from usual compositions: two times in three the truth lies within the range. No dietary or medical advice.`;
export const withItInFryer = 'With it in the fryer';
export const buns = 'Buns';
export const atWhenLastBatch = (bunsMin: string, min: string) =>
  `${bunsMin} at ${min} when the last batch is out and the fryer is hot, cut side up. They burn quickly: stay beside them.`;
export const sliceOfCheese = 'A slice of cheese';
export const onDonePiecesIn = (cheeseMin: string) =>
  `On the done pieces in the switched-off fryer, ${cheeseMin} with the drawer shut. While the fan runs it flies.`;
export const whatIsLeft = 'What is left';
export const itDoesNotCome = 'it does not come hot within half an hour: halve the pieces.';
export const aboutAt = (minutes: string) => `about ${minutes} at `;
export const oneLayerNeverCovered = ', one layer, never covered, until the centre says ';
export const coldWithinTwoHours = (value: string) =>
  `Cold within two hours, uncovered until it is. From the refrigerator ${value} Once only.`;
