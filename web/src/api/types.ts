import type { components } from './schema.generated';

type Schemas = components['schemas'];

export type Bench = Schemas['Bench'];
export type BodyPanel = Schemas['BodyPanel'];
export type BodyShape = Schemas['BodyShape'];
export type CautionAt = Schemas['CautionAt'];
export type Cup = Schemas['Cup'];
export type Figure = Schemas['Figure'];
export type JobDocument = Schemas['JobDocument'];
export type JobPlan = Schemas['JobPlan'];
export type JobRow = Schemas['JobRow'];
export type Me = Schemas['Me'];
export type Phrase = Schemas['Phrase'];
export type PlannedCoat = Schemas['PlannedCoat'];
export type PlannedSide = Schemas['PlannedSide'];
export type ProblemDetails = Schemas['Problem'];
export type FieldFault = Schemas['FieldFault'];
export type Quantity = Schemas['Quantity'];
export type Reason = Schemas['Reason'];
export type RepairPart = Schemas['RepairPart'];
export type Shelf = Schemas['Shelf'];
export type Station = Schemas['Station'];
export type Version = Schemas['Version'];
export type Severity = JobPlan['severity'];
export type UnitSystem = Me['units'];
export type ThemeName = Me['theme'];
