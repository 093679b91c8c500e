import { relations } from 'drizzle-orm';
import { club, clubTable, facility, libraryEntry, staff } from './club';
import { checkIn, gymSession, sessionLine, setLog, track, typedLine } from './session';
import {
  appearance,
  athlete,
  athleteDays,
  athleteLink,
  complaint,
  event,
  season,
  squad,
  squadAthlete,
  testResult,
} from './squad';

/** Relations let one statement bring a subject with its parts: pages ask few questions, none of them per row. */
export const clubRelations = relations(club, ({ many }) => ({
  staff: many(staff),
  tables: many(clubTable),
  facilities: many(facility),
  entries: many(libraryEntry),
  squads: many(squad),
}));
export const staffRelations = relations(staff, ({ one }) => ({
  club: one(club, { fields: [staff.clubId], references: [club.clubId] }),
}));
export const clubTableRelations = relations(clubTable, ({ one }) => ({
  club: one(club, { fields: [clubTable.clubId], references: [club.clubId] }),
}));
export const facilityRelations = relations(facility, ({ one }) => ({
  club: one(club, { fields: [facility.clubId], references: [club.clubId] }),
}));
export const libraryEntryRelations = relations(libraryEntry, ({ one }) => ({
  club: one(club, { fields: [libraryEntry.clubId], references: [club.clubId] }),
}));
export const squadRelations = relations(squad, ({ one, many }) => ({
  club: one(club, { fields: [squad.clubId], references: [club.clubId] }),
  members: many(squadAthlete),
  events: many(event),
  season: one(season, { fields: [squad.clubId, squad.id], references: [season.clubId, season.squadId] }),
  sessions: many(gymSession),
}));
export const squadAthleteRelations = relations(squadAthlete, ({ one }) => ({
  squad: one(squad, { fields: [squadAthlete.clubId, squadAthlete.squadId], references: [squad.clubId, squad.id] }),
  athlete: one(athlete, {
    fields: [squadAthlete.clubId, squadAthlete.athleteId],
    references: [athlete.clubId, athlete.id],
  }),
}));
export const athleteRelations = relations(athlete, ({ many }) => ({
  squads: many(squadAthlete),
  results: many(testResult),
  complaints: many(complaint),
  checkIns: many(checkIn),
  links: many(athleteLink),
  tracks: many(track),
  days: many(athleteDays),
  appearances: many(appearance),
}));
export const athleteDaysRelations = relations(athleteDays, ({ one }) => ({
  athlete: one(athlete, {
    fields: [athleteDays.clubId, athleteDays.athleteId],
    references: [athlete.clubId, athlete.id],
  }),
}));
export const appearanceRelations = relations(appearance, ({ one }) => ({
  athlete: one(athlete, {
    fields: [appearance.clubId, appearance.athleteId],
    references: [athlete.clubId, athlete.id],
  }),
  event: one(event, { fields: [appearance.clubId, appearance.eventId], references: [event.clubId, event.id] }),
}));
export const trackRelations = relations(track, ({ one }) => ({
  athlete: one(athlete, { fields: [track.clubId, track.athleteId], references: [athlete.clubId, athlete.id] }),
}));
export const testResultRelations = relations(testResult, ({ one }) => ({
  athlete: one(athlete, {
    fields: [testResult.clubId, testResult.athleteId],
    references: [athlete.clubId, athlete.id],
  }),
}));
export const complaintRelations = relations(complaint, ({ one }) => ({
  athlete: one(athlete, { fields: [complaint.clubId, complaint.athleteId], references: [athlete.clubId, athlete.id] }),
}));
export const checkInRelations = relations(checkIn, ({ one }) => ({
  athlete: one(athlete, { fields: [checkIn.clubId, checkIn.athleteId], references: [athlete.clubId, athlete.id] }),
}));
export const athleteLinkRelations = relations(athleteLink, ({ one }) => ({
  athlete: one(athlete, {
    fields: [athleteLink.clubId, athleteLink.athleteId],
    references: [athlete.clubId, athlete.id],
  }),
}));
export const setLogRelations = relations(setLog, ({ one }) => ({
  session: one(gymSession, {
    fields: [setLog.clubId, setLog.sessionId],
    references: [gymSession.clubId, gymSession.id],
  }),
}));
export const eventRelations = relations(event, ({ one }) => ({
  squad: one(squad, { fields: [event.clubId, event.squadId], references: [squad.clubId, squad.id] }),
}));
export const gymSessionRelations = relations(gymSession, ({ one, many }) => ({
  squad: one(squad, { fields: [gymSession.clubId, gymSession.squadId], references: [squad.clubId, squad.id] }),
  lines: many(sessionLine),
  typed: many(typedLine),
  logs: many(setLog),
}));
export const sessionLineRelations = relations(sessionLine, ({ one }) => ({
  session: one(gymSession, {
    fields: [sessionLine.clubId, sessionLine.sessionId],
    references: [gymSession.clubId, gymSession.id],
  }),
}));
export const typedLineRelations = relations(typedLine, ({ one }) => ({
  session: one(gymSession, {
    fields: [typedLine.clubId, typedLine.sessionId],
    references: [gymSession.clubId, gymSession.id],
  }),
}));
