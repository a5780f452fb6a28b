/** Small drawings that a teacher can put beside a label, by what they show. */
export const LABEL_DRAWINGS = [
  'sun',
  'moon',
  'star',
  'cloud',
  'clouds',
  'sunAndCloud',
  'rain',
  'snow',
  'wind',
  'rainbow',
  'layers',
  'drop',
  'waves',
  'flame',
  'thermometer',
  'umbrella',
  'mountain',
  'leaf',
  'tree',
  'flower',
  'sprout',
  'feather',
  'bird',
  'fish',
  'paw',
  'beetle',
  'shell',
  'apple',
  'heart',
  'people',
  'house',
  'landmark',
  'ship',
  'anchor',
  'train',
  'bicycle',
  'map',
  'compass',
  'globe',
  'clock',
  'book',
  'pencil',
  'palette',
  'camera',
  'music',
  'masks',
  'microscope',
  'flask',
  'sums',
  'scales',
  'megaphone',
] as const;

export type LabelDrawing = (typeof LABEL_DRAWINGS)[number];

/** What stands beside a label for whoever chooses it. */
export interface LabelNotes {
  /** What it is given to, in a few words; empty where its name says it. */
  readonly meaning: string;
  readonly drawing: LabelDrawing | null;
}

/** A label of a class's set. */
export interface LabelInSet extends LabelNotes {
  readonly label: string;
}
