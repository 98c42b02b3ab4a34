import { pictureSize } from '../plan/frame.ts';
import type { NameProblem } from '../naming/build-name.ts';
import type { FilePlan, PlanObstacle, PlanQuestion } from '../plan/plan-file.ts';
import type { EntryFault } from '../plan/plan-submission.ts';
import { wordShare, wordSize, wordTimes } from './numbers.ts';

/** Labels that a sentence about a plan needs and the plan does not carry. */
export interface PlanLabels {
  /** Labels of the entrant's details by id. */
  details: Readonly<Record<string, string>>;
}

export function wordObstacle(obstacle: PlanObstacle): string {
  if (obstacle.outcome === 'contradiction')
    return 'The size rules of this sheet contradict each other: no size meets them all. Look at the rules.';
  const side = obstacle.side === 'width' ? 'narrow' : 'short';
  const needed = wordSize(obstacle.needed.widthPx, obstacle.needed.heightPx);
  return `${obstacle.missingPx} pixels too ${side} for ${needed}; it would have to be enlarged ${wordTimes(obstacle.enlargement)}. Find a larger original.`;
}

export function wordQuestion(question: PlanQuestion, labels: PlanLabels): string {
  switch (question.code) {
    case 'accept-cut':
      return wordCut(question);
    case 'make-neutral':
      return 'Monochrome is asked, and this picture shows colour. Let it be made neutral grey, or choose another.';
    case 'metadata-missing':
      return wordMissing(question, labels);
    case 'name':
      return wordNameProblem(question.problem, labels);
  }
}

function wordMissing(
  { field, detail }: Extract<PlanQuestion, { code: 'metadata-missing' }>,
  labels: PlanLabels,
): string {
  if (detail !== undefined) return `The file has to hold your ${label(detail, labels)}. Fill it in above.`;
  const what = {
    author: 'the author’s name',
    copyright: 'a copyright note',
    camera: 'the camera’s data',
    location: 'the place where it was taken',
  }[field];
  return `The file has to hold ${what}, and the original does not. Send the file as it came from the camera.`;
}

function wordCut(cut: Extract<PlanQuestion, { code: 'accept-cut' }>): string {
  const [share, where, sides] =
    cut.lostWidthShare > cut.lostHeightShare
      ? [cut.lostWidthShare, 'width', 'left and right']
      : [cut.lostHeightShare, 'height', 'above and below'];
  return `A cut from the middle takes off ${wordShare(share)} of the ${where}, ${sides} alike.`;
}

/** The loss in a few words, for a table cell: "11 % of the height". */
export function wordLoss(
  plan: Exclude<FilePlan, { state: 'cannot' }>,
  source: { widthPx: number; heightPx: number },
): string {
  const { geometry, crop } = plan.job;
  const picture = pictureSize(source, geometry);
  const lostWidth = 1 - crop.widthPx / picture.widthPx;
  const lostHeight = 1 - crop.heightPx / picture.heightPx;
  if (lostWidth <= 0 && lostHeight <= 0) return 'nothing lost';
  return lostWidth > lostHeight
    ? `${wordShare(lostWidth)} of the width`
    : `${wordShare(lostHeight)} of the height`;
}

function wordNameProblem(problem: NameProblem, labels: PlanLabels): string {
  switch (problem.code) {
    case 'title-missing':
      return 'The file name needs a title. Give the picture one.';
    case 'title-has-no-usable-letters':
      return `None of the letters of “${problem.title}” may stand in this file name. Give a title in the letters A to Z.`;
    case 'section-missing':
      return 'The file name needs a section. Choose one.';
    case 'detail-missing':
      return `The file name needs your ${label(problem.detail, labels)}. Fill it in above.`;
    case 'detail-has-no-usable-letters':
      return `None of the letters of your ${label(problem.detail, labels)} may stand in this file name. Write it in the letters A to Z.`;
    case 'date-missing':
      return problem.of === 'taken'
        ? 'The file name needs the day it was taken, and the picture does not hold it. Send the file as it came from the camera.'
        : 'The file name needs the closing date, and the rules have none. Fill it in there.';
    case 'number-too-long':
      return `The running number ${problem.number} has more than the ${problem.digits} digits that are asked. Send fewer pictures.`;
    case 'name-too-long':
      return `The name ${problem.name} has ${problem.length} characters; at most ${problem.maxLength} are allowed. Shorten the title.`;
    case 'name-not-portable':
      return `Not every computer can hold the name ${problem.name}. Change the title.`;
  }
}

export function wordEntryFault(fault: EntryFault): string {
  switch (fault.code) {
    case 'too-many-entries':
      return `This is entry ${fault.place}; the organiser takes ${fault.limit}. Remove this one or another.`;
    case 'too-many-files':
      return `This is file ${fault.place}; the organiser takes ${fault.limit} files in all. Take a picture out.`;
    case 'too-many-in-section':
      return `This is entry ${fault.place} in ${fault.section}; ${fault.limit} are taken. Remove one or change its section.`;
    case 'section-unknown':
      return 'Choose the section it is entered in.';
    case 'same-name':
      return `Another picture, “${fault.otherTitle}”, would get the same file name, ${fault.name}. Change one of the titles.`;
  }
}

function label(detail: string, labels: PlanLabels): string {
  return (labels.details[detail] ?? detail).toLowerCase();
}
