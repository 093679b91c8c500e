import type { Sport } from '$core/library';

/** The demo club's three sports (method 3). Weights 0–5: what the sport asks of the body. */
export const SPORTS: readonly Sport[] = [
  {
    id: 'team-handball', name: 'Team handball', setting: 'court', event: 'match',
    demands: {
      'max-strength': 3, 'vertical-jump-two-foot': 2, 'vertical-jump-one-foot': 5, 'horizontal-power': 3, 'top-speed': 3, 'deceleration-cutting': 5,
      'lateral-push': 4, 'landing-absorption': 4, 'reactive-stiffness': 3, rotation: 4, 'trunk-bracing': 3, 'balance-gaze': 2, groin: 3, hamstring: 3,
      'knee-tendon': 3, 'ankle-foot': 4, 'hip-mobility': 2, 'repeat-effort': 4, 'grip-pull': 2, collision: 4, overhead: 5,
    },
    roles: [
      { id: 'back', name: 'back court', demands: { overhead: 5, 'vertical-jump-one-foot': 5 }, guards: [] },
      { id: 'wing', name: 'wing', demands: { 'top-speed': 4, 'vertical-jump-one-foot': 5, collision: 2 }, guards: [] },
      { id: 'pivot', name: 'line player', demands: { collision: 5, 'max-strength': 4 }, guards: [] },
      { id: 'goalkeeper', name: 'goalkeeper', demands: { 'hip-mobility': 5, groin: 5, 'lateral-push': 5, overhead: 2 }, guards: ['groin'] },
    ],
    eventsPerWeek: 1, seasonWeeks: 34, surface: 'hall', takeOff: 'one-foot', weightClass: false,
    targetRungs: { landing: 3, lateral: 2, 'one-foot-take-off': 2, control: 4, hamstring: 2 }, result: 'throw speed',
    guards: [
      { id: 'knee', name: 'knee on landing and cutting', exercises: ['split-squat-hold', 'assisted-single-leg-squat', 'single-leg-squat-box', 'single-leg-reach'] },
      { id: 'hamstring', name: 'hamstring', exercises: ['nordic-partial', 'slide-leg-curl', 'single-leg-deadlift'] },
      { id: 'groin', name: 'groin', exercises: ['adductor-hold', 'lateral-lunge', 'lateral-squat'] },
      { id: 'shoulder', name: 'throwing shoulder', exercises: ['one-arm-row', 'band-row'] },
    ],
    moments: [{ id: 'late-jump', name: 'the second jump after contact', quality: 'repeat-effort', muscles: ['quadriceps', 'glutes'] }],
  },
  {
    id: 'ultimate', name: 'Ultimate', setting: 'field', event: 'game',
    demands: {
      'max-strength': 2, 'vertical-jump-two-foot': 2, 'vertical-jump-one-foot': 4, 'horizontal-power': 4, 'top-speed': 5, 'deceleration-cutting': 5,
      'lateral-push': 4, 'landing-absorption': 3, 'reactive-stiffness': 4, rotation: 3, 'trunk-bracing': 2, 'balance-gaze': 2, groin: 3, hamstring: 5,
      'knee-tendon': 2, 'ankle-foot': 4, 'hip-mobility': 2, 'repeat-effort': 5, 'grip-pull': 1, collision: 1, overhead: 2,
    },
    roles: [
      { id: 'cutter', name: 'cutter', demands: { 'top-speed': 5 }, guards: [] },
      { id: 'handler', name: 'handler', demands: { rotation: 4, 'lateral-push': 5 }, guards: [] },
    ],
    eventsPerWeek: 0.5, seasonWeeks: 26, surface: 'turf', takeOff: 'one-foot', weightClass: false,
    targetRungs: { 'one-foot-take-off': 2, lateral: 2, hamstring: 2, pogos: 3 }, result: '20 m sprint time',
    guards: [
      { id: 'hamstring', name: 'hamstring', exercises: ['nordic-partial', 'slide-leg-curl', 'single-leg-deadlift', 'single-leg-hip-thrust'] },
      { id: 'ankle', name: 'ankle', exercises: ['calf-raise-one-leg', 'bent-knee-calf-raise', 'single-leg-reach', 'tibialis-raise'] },
      { id: 'groin', name: 'groin', exercises: ['adductor-hold', 'lateral-lunge', 'lateral-squat'] },
    ],
    moments: [{ id: 'first-step', name: 'a slow first step after a fake', quality: 'horizontal-power', muscles: ['glutes', 'gastrocnemius'] }],
  },
  {
    id: 'snowboard-freestyle', name: 'Snowboard freestyle', setting: 'board', event: 'tour stop',
    demands: {
      'max-strength': 3, 'vertical-jump-two-foot': 4, 'vertical-jump-one-foot': 0, 'horizontal-power': 1, 'top-speed': 0, 'deceleration-cutting': 2,
      'lateral-push': 3, 'landing-absorption': 5, 'reactive-stiffness': 2, rotation: 5, 'trunk-bracing': 4, 'balance-gaze': 5, groin: 2, hamstring: 2,
      'knee-tendon': 5, 'ankle-foot': 3, 'hip-mobility': 3, 'repeat-effort': 3, 'grip-pull': 2, collision: 3, overhead: 1,
    },
    roles: [
      { id: 'slope', name: 'slope', demands: { 'landing-absorption': 5 }, guards: [] },
      { id: 'pipe', name: 'pipe', demands: { 'knee-tendon': 5 }, guards: [] },
    ],
    eventsPerWeek: 0.25, seasonWeeks: 20, surface: 'snow', takeOff: 'two-foot', weightClass: false,
    targetRungs: { landing: 3, 'take-off': 4, control: 4, trunk: 4 }, result: 'ranking points',
    guards: [
      { id: 'knee', name: 'knee on landing', exercises: ['split-squat-hold', 'assisted-single-leg-squat', 'single-leg-squat-box', 'nordic-partial'] },
      { id: 'ankle', name: 'ankle', exercises: ['bent-knee-calf-raise', 'calf-raise-one-leg', 'single-leg-reach', 'tibialis-raise'] },
      { id: 'wrist', name: 'shoulder and wrist in falls', exercises: ['band-row', 'one-arm-row'] },
    ],
    moments: [{ id: 'long-run', name: 'burning thighs at the end of a run', quality: 'strength-endurance', muscles: ['quadriceps'] }],
  },
];
