import { Refusal, errorText } from '@/api/client'

/**
 * What is told of a refusal, in short words for those who have just learned to read, by the rule that was broken.
 * Everything else is told as the server says it.
 */
const RULES: Record<string, string> = {
  HANDED_IN: 'You handed this in. It stays as it is',
  NOT_OPEN: 'This page is not open yet',
  NO_SUCH_PAGE: 'That page is gone',
  NO_SUCH_ITEM: 'That is not on the page any more',
  NO_SPOT: 'Nothing hides there',
  FIXED_ITEM: 'That stays where it is',
  PART_OF_A_GROUP: 'That goes with its group',
  SUPPLY_STAYS: 'Take one from the pile',
  NO_MORE_COPIES: 'There are no more of these',
  MAY_NOT_TURN: 'That does not turn',
  NO_OTHER_SIDE: 'That has no other side',
  NO_COVER: 'That does not slide',
  NOT_TO_WRITE_ON: 'You cannot write on that',
  NOT_TO_DRAW_ON: 'You cannot draw here',
  INK_FULL: 'The page is full. Erase some ink first',
  NOT_TO_SPEAK_ON: 'You cannot record here',
  TOO_MUCH_SAID: 'There are many recordings. Take one away first',
  NO_SUCH_SOUND: 'That did not work. Say it again',
  NO_GAP: 'You cannot type there',
  NO_MORE_TRIES: 'No more tries here',
  NOTHING_TO_CHECK: 'Put something there first. Then press Check',
  SOLUTION_NOT_SHOWN: 'You cannot see the solution yet',
  TIME_IS_UP: 'The time is up',
  ALREADY_SETTLED: 'That is right. It stays there',
  TOO_MANY_MOVES: 'That was a lot. Ask your teacher',
  WITHDRAWN: 'Your teacher took this work back',
  NOT_OPEN_YET: 'This is not open yet',
  VIEW_ONLY: 'This is for looking only',
  PAUSED: 'Wait a moment. Your teacher paused everyone',
  EDITING_CLOSED: 'Your teacher stopped the work',
  CLOSED: 'This is closed',
  IN_A_TEAM: 'You are in a team now. Go to My work',
}

export function refusalWords(error: unknown): string {
  return (error instanceof Refusal && RULES[error.rule]) || errorText(error)
}
