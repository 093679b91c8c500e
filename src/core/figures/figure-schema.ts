import { z } from 'zod';

const degrees = z.number().min(-200).max(220);
/** x forward, y up, as shares of body height; the near ankle (standing) or the hip (free) is at x = 0. */
const point = z.tuple([z.number().min(-2).max(2), z.number().min(-0.2).max(2)]);

/** A free leg: thigh from straight down (forward +), knee flexion, ankle dorsiflexion. */
const freeLeg = z.object({ hip: degrees, knee: degrees, ankle: degrees });
/** A foot that stands somewhere: the leg reaches it. `heel` = degrees the heel is raised. */
const planted = z.object({ x: z.number(), y: z.number(), heel: degrees });
/** A straight leg whose ankle lies at height y, behind or in front. */
const straight = z.object({ straight: z.enum(['back', 'front']), y: z.number() });

const armsSchema = z.union([
  /** upper arm from straight down (forward +, 180 overhead), elbow flexion */
  z.object({ shoulder: degrees, elbow: degrees }),
  z.object({ hold: z.enum(['back', 'low', 'front', 'hang', 'overhead', 'chest', 'hips']) }),
  z.object({ to: point }),
]);

const shared = { name: z.string().min(2), arms: armsSchema, farArms: armsSchema.nullable() };

/** A position on the feet, seen from the side: the stance leg is given, the trunk or the ankle is solved. */
const standSchema = z.object({
  kind: z.literal('stand'),
  ...shared,
  ankle: z.union([degrees, z.literal('balance')]),
  knee: degrees,
  heel: degrees,
  /** height of what the near foot stands on */
  y: z.number(),
  trunk: z.union([degrees, z.literal('balance'), z.literal('bar')]),
  far: z.union([z.literal('same'), freeLeg, planted]),
  /** height of the feet above the ground in a jump */
  air: z.number().min(0),
  /** in motion or held by something: the centre of mass need not stand over the foot */
  moving: z.boolean(),
});

/** Any other position, seen from the side: lying, kneeling, hanging, seated. The lowest part rests on the ground unless `y` is given. */
const freeSchema = z.object({
  kind: z.literal('free'),
  ...shared,
  /** us = lying on the side, chest towards us: arms and legs then move sideways in the picture */
  facing: z.enum(['side', 'us']),
  trunk: degrees,
  near: z.union([freeLeg, planted, straight]),
  far: z.union([z.literal('same'), freeLeg, planted, straight]),
  /** height of the hip; null = the lowest part touches the ground */
  y: z.number().nullable(),
});

/** A position seen from the front. Legs are seen from ahead, so a bent knee shortens the leg instead of showing an angle. */
const frontSchema = z.object({
  kind: z.literal('front'),
  name: z.string().min(2),
  /** sideways, and how far the hips have dropped from standing */
  hips: point,
  feet: z.tuple([point, point]),
  /** how far each knee stands off the line from hip to foot, outward + */
  knees: z.tuple([z.number(), z.number()]),
  /** trunk lean to the right + */
  trunk: degrees,
  /** arm raised from the side, elbow flexion; left then right */
  arms: z.tuple([z.tuple([degrees, degrees]), z.tuple([degrees, degrees])]),
  air: z.number().min(0),
  moving: z.boolean(),
});

export const poseSchema = z.discriminatedUnion('kind', [standSchema, freeSchema, frontSchema]);
export type Pose = z.infer<typeof poseSchema>;
export type StandPose = z.infer<typeof standSchema>;
export type FreePose = z.infer<typeof freeSchema>;
export type FrontPose = z.infer<typeof frontSchema>;
export type Arms = z.infer<typeof armsSchema>;
export type Leg = FreePose['near'];

export const JOINTS = [
  'head',
  'neck',
  'hip',
  'shoulder',
  'elbow',
  'hand',
  'farElbow',
  'farHand',
  'knee',
  'ankle',
  'toe',
  'farKnee',
  'farAnkle',
  'farToe',
] as const;
const joint = z.enum(JOINTS);

/** What is held: drawn at the hands, or on the body where the hold puts it. */
const implementSchema = z.enum([
  'none',
  'bar',
  'stick',
  'trap-bar',
  'dumbbell',
  'kettlebell',
  'plate',
  'med-ball',
  'landmine',
]);

/** Simple things around the figure. */
const propSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('box'), x: z.number(), w: z.number().positive(), h: z.number().positive() }),
  z.object({ kind: z.literal('wall'), x: z.number() }),
  z.object({ kind: z.literal('post'), x: z.number(), h: z.number().positive() }),
  z.object({ kind: z.literal('overhead-bar'), x: z.number(), y: z.number() }),
  z.object({ kind: z.literal('ball'), x: z.number(), y: z.number(), r: z.number().positive() }),
  z.object({ kind: z.literal('band'), from: z.union([point, joint]), to: joint }),
  z.object({ kind: z.literal('cable'), from: point, to: joint }),
  z.object({ kind: z.literal('partner'), at: joint }),
  z.object({ kind: z.literal('hurdle'), x: z.number(), h: z.number().positive() }),
  z.object({ kind: z.literal('line'), x: z.number() }),
  z.object({ kind: z.literal('slider'), at: joint }),
  z.object({ kind: z.literal('arrow'), from: point, to: point }),
]);
export type Prop = z.infer<typeof propSchema>;

/** A movement drawn from joint angles: two or three key positions, what is held, and what stands around. */
export const figureSchema = z.object({
  implement: implementSchema,
  positions: z.array(poseSchema).min(2).max(3),
  props: z.array(propSchema),
});
export type Figure = z.infer<typeof figureSchema>;
