export { type Ban, chooseSigners, findBan, type Signer, signsFor, whoMaySign } from './acting.ts';
export { type Advanced, advance, type Effect, type Ending, nextGroup, replay } from './advance.ts';
export { amountField } from './amount.ts';
export { decidedAsResort } from './as-resort.ts';
export { compareRoutes, type RouteWords } from './compare.ts';
export { type CompiledRoute, type CompiledStep, compileRoute, type Setting } from './compile.ts';
export { type Driven, drive, goOn, reconsider, type World } from './drive.ts';
export { type Asked, type Mark, type Resort, type SignOffEvent, signOffEventSchema } from './events.ts';
export {
  dueOf,
  type Facts,
  isDue,
  namedBy,
  nextTimer,
  recordValues,
  type Timer,
  takes,
  worldOf,
} from './facts.ts';
export { type Foreseen, foresee } from './foresee.ts';
export { givenByApproval, givenByRouteAlone } from './given.ts';
export { checkMadeUp, type MadeUp, type MadeUpPart, madeUpFrom, madeUpParts } from './made-up.ts';
export {
  type Deadline,
  groupsOf,
  type Route,
  routeSchema,
  type Step,
  stepSchema,
  stepsOfRoles,
  type Who,
  whoSchema,
} from './route.ts';
export { type Names, sayHowMany, sayStep, sayStepReason, sayWho, sayWhyYou, type WhySigning } from './say.ts';
export { type SaidStep, sayForeseen, sayWhoSigns } from './say-foreseen.ts';
export {
  DECIDED,
  sayBeside,
  saySent,
  saySigned,
  saySigner,
  sayStepStands,
  type ToldSignature,
  type ToldState,
  type ToldStep,
} from './say-track.ts';
export { signersNamed } from './signers-named.ts';
export {
  beginning,
  isResortAsked,
  openSteps,
  type SentBack,
  type Signature,
  type Stage,
  type State,
  type StepState,
  signaturesGiven,
  signaturesToCome,
  signersSoFar,
  stillAsked,
} from './state.ts';
export { isTolerated } from './tolerance.ts';
export { type RoleLabels, routeVocabulary, senderValues } from './vocabulary.ts';
export {
  type CaseRow,
  type Mend,
  type MissingRow,
  STANDS_FOR,
  stepsEntered,
  type WhoSigns,
  whoSigns,
} from './who-signs.ts';
