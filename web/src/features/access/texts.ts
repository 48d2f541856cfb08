/** What the page of who may come in says, in the order of the files that say it. */

// AccessPage
export const servedWithCertificateThat = (day: string, until: string) =>
  `Served with the certificate that was given, good until ${day} ${until}.`;
export const browserOverThereWarns = 'The browser over there warns: have that device trust this house';
export const onThatDeviceOpen = 'On that device open the address all the same, and take ';
export const certificateOfThisHouse = 'the certificate of this house';
export const fromPageThatAsks = ' from the page that asks for the passphrase.';
export const compareItsSha256 = 'Compare its SHA-256: ';
export const haveDeviceTrustIt =
  'Have the device trust it for websites: under certificates in its settings; some want it to be put in first, and switched on in a second place. It can vouch for addresses within a house alone.';
export const itIsOnAnd = (problem: string) => `It is on and does not answer: ${problem}`;
export const thisMachineIsIn = 'This machine is in no network just now: nobody can find it.';
export const whereItIsFound = 'Where it is found';
export const addressForCamera = (address: string) => `The address ${address} for a camera`;
export const holdTelephonesCameraAgainst = 'Hold a telephone’s camera against this, or type:';
export const orWhereThatDoes = (others: string) => `Or, where that does not answer: ${others}`;
export const inHouse = 'In the house';
export const yellowmistAnswersToMachine =
  'Yellowmist answers to the machine that it runs on. By choice it answers to the other devices in the home network as well: whoever knows the passphrase works in the same kitchen, from a tablet at the stove or a telephone in the shop. Nobody else gets in, and nothing leaves the house.';
export const onSignedIn = (count: string) => `On. ${count} signed in.`;
export const offThisMachineAlone = 'Off: this machine alone.';
export const changeHow = 'Change how…';
export const turnItOff = 'Turn it off';

// LetIn
export const privateHttps = 'Private (https)';
export const nobodyOnNetworkCan =
  'Nobody on the network can listen in, timers and pages go on while the server is away. A browser warns until its device trusts the certificate of this house: once.';
export const plainHttp = 'Plain (http)';
export const noWarningAndNothing =
  'No warning, and nothing to set up. Whoever else is on the same network could listen in, also to the passphrase; a page cannot be loaded while the server is away.';
export const aPassphrase = 'A passphrase';
export const anotherPassphraseIfYou = 'Another passphrase, if you want one';
export const atLeastLettersFew = (min: number) =>
  `At least ${min} letters; a few words of your own are easily typed and hard to guess.`;
export const withAnotherOneEverybody = ' With another one everybody is signed out.';
export const throwFiveWords = 'Throw five words';
export const howItIsServed = 'How it is served';
export const oneMoment = 'One moment…';
export const changeIt = 'Change it';
export const letHouseIn = 'Let the house in';

// Others
export const whoIsSignedIn = 'Who is signed in';
export const nobodyYet = 'Nobody yet.';
export const thisOne = ' (this one)';
export const fromSinceLastSeen = (from: string, since: string, lastSeen: string, until: string) =>
  `From ${from}, since ${since}. Last seen ${lastSeen}; has to sign in again after ${until}.`;
export const signOut = 'Sign out';
export const signAllOthersOut = 'Sign all others out';

// OwnSession
export const passphraseIsAnotherOne = 'The passphrase is another one; all other browsers are signed out.';
export const passphraseOfNow = 'The passphrase of now';
export const newOneAtLeast = (min: number) => `The new one, at least ${min} letters`;
export const setIt = 'Set it';
export const thisBrowser = 'This browser';
export const ofThisBrowserCould = (unsaved: string) =>
  `${unsaved} of this browser could not be saved yet, and would be lost.`;
export const signOutAllSame = 'Sign out all the same';
export const signThisBrowserOut = 'Sign this browser out';
export const stay = 'Stay';
export const anotherPassphrase = 'Another passphrase…';
export const homeNetworkIsTurned = 'The home network is turned on and off at the machine that Yellowmist runs on.';

// SignIn
export const thisKitchenAsksFor = 'This kitchen asks for its passphrase';
export const whoeverSetYellowmistUp =
  'Whoever set Yellowmist up in this house knows it. You stay signed in with this browser for 30 days. What you changed here and could not save is still here, and goes on then.';
export const passphrase = 'Passphrase';
export const whatToCallThis = 'What to call this browser in the list, if you like';
export const tabletAtStove = 'Tablet at the stove';
export const looking = 'Looking…';
export const comeIn = 'Come in';
export const doesBrowserWarnOf =
  'Does the browser warn of this address? Yellowmist made its own certificate for this house. ';
export const takeIt = 'Take it';
export const haveThisDeviceTrust = ', have this device trust it once, and the warning goes.';

// accessApi
export const serverCannotBeReached = 'The server cannot be reached.';
