/** What the board of water says, in the order of the files that say it. */

// WaterBoard
export const simulatingEveryWayTo = 'Simulating every way to make it ready…';
export const min = (minutes: number) => `${minutes} min`;
export const adviceOnWater = 'Advice on the water';
export const goodAsItIs = 'Good as it is';
export const worthWork = 'Worth the work';
export const leavingItOutCosts = 'Leaving it out costs';
export const forIt = (label: string) => `${label}, for`;
export const blanchingAndRoastingAre =
  'Blanching and roasting are simulated like the cook itself; pressing, salting and soaking follow common practice. Raw meat and fish wait in the refrigerator, and what touched them is thrown away.';
export const take = (label: string) => `Take: ${label}`;
export const waterBoardTake = 'Take';
export const advised = 'advised';
export const none = 'none';
export const takenUp = ' taken up';
export const aPiece = (mass: string, kind: string) => `${mass} a piece${kind}`;
export const skin = (skinWord: string) => `skin ${skinWord}`;
export const fails = 'fails';
export const thisIsWhatLies = 'This is what lies on the bench.';
export const way = 'Way';
export const workAndWait = 'Work and wait';
export const waterLost = 'Water lost';
export const firmnessLeft = 'Firmness left';
export const coatedAt = 'Coated at';
export const inFryer = 'In the fryer';
export const whatItChanges = 'What it changes';
export const takeIt = 'Take it';
export const minOfWork = (handsMin: number) => `${handsMin} min of work`;
export const andOfWaiting = (hours: string) => `and ${hours} of waiting`;
