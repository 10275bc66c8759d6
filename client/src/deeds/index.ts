export { deedAt, DeedForm } from './DeedForm';
export { deedInWords, ofVessel } from './deedWords';
export { asBegunSince, nextOpenStep, stillIn, withoutMade, type OpenStep } from './open';
export { TroubleForm, type AsForecast } from './TroubleForm';
