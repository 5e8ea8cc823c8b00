import { useQuery } from "@tanstack/react-query";
import type {
  ClassCard,
  ClassDetails,
  ClassGlance,
  ClassTerm,
  ClassView,
  Given,
  Giving,
  LearnerDetails,
  LearnerRecord,
  LearnersAdded,
  LocalAllowance,
  NamesGiven,
  NamesUnderstood,
  Slip,
  ToMark,
} from "../generated/types";
import { call } from "./client";

/** While a class plays, what comes in is looked for this often. */
const LOOK_AGAIN = 10_000;

export const classKeys = {
  all: ["classes"],
  one: (id: string) => ["classes", id],
  glance: (assignment: string) => ["classes", "glance", assignment],
  toMark: (assignment: string) => ["classes", "to-mark", assignment],
  term: (id: string) => ["classes", id, "term"],
  record: (id: string, learner: string) => ["classes", id, "record", learner],
};

export const useClasses = () =>
  useQuery({ queryKey: classKeys.all, queryFn: () => call<ClassCard[]>("/api/classes") });

export const useClass = (id: string, wanted = true) =>
  useQuery({
    queryKey: classKeys.one(id),
    queryFn: () => call<ClassView>(`/api/classes/${id}`),
    refetchInterval: LOOK_AGAIN,
    enabled: wanted,
  });

export const useGlance = (assignment: string) =>
  useQuery({
    queryKey: classKeys.glance(assignment),
    queryFn: () => call<ClassGlance>(`/api/assignments/${assignment}/glance`),
    refetchInterval: LOOK_AGAIN,
  });

/** The address of the table of a glance, for a spreadsheet. */
export const glanceTable = (assignment: string) => `/api/assignments/${assignment}/glance.csv`;

/** The address of the register as a table. */
export const registerTable = (id: string) => `/api/classes/${id}/register.csv`;

/** Lets a learner's last game go on that ended when the time was over. */
export const reopenGame = (assignment: string, learner: string) =>
  call<Given>(`/api/assignments/${assignment}/learners/${learner}/return`, { method: "POST" });

export const useAssignedToMark = (assignment: string) =>
  useQuery({
    queryKey: classKeys.toMark(assignment),
    queryFn: () => call<ToMark[]>(`/api/assignments/${assignment}/to-mark`),
    refetchInterval: LOOK_AGAIN,
  });

export const useTerm = (id: string) =>
  useQuery({
    queryKey: classKeys.term(id),
    queryFn: () => call<ClassTerm>(`/api/classes/${id}/term`),
  });

export const useRecord = (id: string, learner: string) =>
  useQuery({
    queryKey: classKeys.record(id, learner),
    queryFn: () => call<LearnerRecord>(`/api/classes/${id}/learners/${learner}/record`),
  });

export const useColleagues = () =>
  useQuery({
    queryKey: ["colleagues"],
    queryFn: () => call<string[]>("/api/classes/colleagues"),
  });

const of = (id: string) => `/api/classes/${id}`;
const learnerOf = (id: string, learner: string) => `${of(id)}/learners/${learner}`;

export const addClass = (details: ClassDetails) =>
  call<ClassView>("/api/classes", { method: "POST", body: details });

export const changeClass = (id: string, details: ClassDetails) =>
  call<void>(of(id), { method: "PUT", body: details });

export const putClassAway = (id: string) => call<void>(of(id), { method: "DELETE" });

export const bringClassBack = (id: string) => call<void>(`${of(id)}/return`, { method: "POST" });

/** Removes an archived class with all results; it can be restored for thirty days. */
export const removeClass = (id: string) => call<void>(`${of(id)}/removal`, { method: "POST" });

export const restoreClass = (id: string) => call<void>(`${of(id)}/removal`, { method: "DELETE" });

export const giveClassACode = (id: string) => call<void>(`${of(id)}/code`, { method: "POST" });

export const handClassOver = (id: string, name: string) =>
  call<void>(`${of(id)}/owner`, { method: "POST", body: { name } });

/** What would come of a list of learners. */
export const understoodNames = (id: string, given: NamesGiven) =>
  call<NamesUnderstood>(`${of(id)}/learners/preview`, { method: "POST", body: given });

export const addLearners = (id: string, given: NamesGiven) =>
  call<LearnersAdded>(`${of(id)}/learners`, { method: "POST", body: given });

/** New words for these learners; the old ones open nothing from now on. */
export const makeSlips = (id: string, learners: string[]) =>
  call<Slip[]>(`${of(id)}/slips`, { method: "POST", body: learners });

export const changeLearner = (id: string, learner: string, details: LearnerDetails) =>
  call<void>(learnerOf(id, learner), { method: "PUT", body: details });

export const letIn = (id: string, learner: string) =>
  call<void>(`${learnerOf(id, learner)}/entry`, { method: "POST" });

export const letAllIn = (id: string) => call<void>(`${of(id)}/newcomers`, { method: "POST" });

export const refuseNewcomers = (id: string) =>
  call<void>(`${of(id)}/newcomers`, { method: "DELETE" });

export const removeLearner = (id: string, learner: string) =>
  call<void>(learnerOf(id, learner), { method: "DELETE" });

export const bringLearnerBack = (id: string, learner: string) =>
  call<void>(`${learnerOf(id, learner)}/return`, { method: "POST" });

/** Moves a learner to another class. */
export const moveLearner = (id: string, learner: string, other: string) =>
  call<void>(`${learnerOf(id, learner)}/class/${other}`, { method: "POST" });

/** Makes one entry of two; the other one stays. */
export const mergeLearner = (id: string, learner: string, into: string) =>
  call<void>(`${learnerOf(id, learner)}/merge/${into}`, { method: "POST" });

export const give = (id: string, giving: Giving) =>
  call<Given>(`${of(id)}/assignments`, { method: "POST", body: giving });

const given = (assignment: string) => `/api/assignments/${assignment}`;

export const changeGiven = (assignment: string, giving: Giving) =>
  call<Given>(given(assignment), { method: "PUT", body: giving });

/** Gives the newest version to those who have not begun. */
export const renewGiven = (assignment: string) =>
  call<Given>(`${given(assignment)}/version`, { method: "POST" });

/** Shows learners the marks that were given so far. */
export const tellMarks = (assignment: string) =>
  call<Given>(`${given(assignment)}/marks`, { method: "POST" });

export const takeBack = (assignment: string) =>
  call<Given>(given(assignment), { method: "DELETE" });

export const giveAgain = (assignment: string) =>
  call<Given>(`${given(assignment)}/return`, { method: "POST" });

/** Removes it with all results; it can be restored for thirty days. */
export const removeGiven = (assignment: string) =>
  call<void>(`${given(assignment)}/removal`, { method: "POST" });

export const restoreGiven = (assignment: string) =>
  call<Given>(`${given(assignment)}/removal`, { method: "DELETE" });

export const copyGiven = (assignment: string, other: string) =>
  call<Given>(`${given(assignment)}/copies/${other}`, { method: "POST" });

export const allow = (assignment: string, learner: string, allowance: LocalAllowance) =>
  call<Given>(`${given(assignment)}/learners/${learner}`, { method: "PUT", body: allowance });
