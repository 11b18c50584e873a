import { t } from '@/i18n'
import { errorText, Refusal } from '@/api/client'

/** The rules that have short words of their own, for those who have just learned to read. */
const RULES = [
  'HANDED_IN',
  'NOT_OPEN',
  'NO_SUCH_PAGE',
  'NO_SUCH_ITEM',
  'NO_SPOT',
  'FIXED_ITEM',
  'PART_OF_A_GROUP',
  'SUPPLY_STAYS',
  'NO_MORE_COPIES',
  'MAY_NOT_TURN',
  'NO_OTHER_SIDE',
  'NO_COVER',
  'NOT_TO_WRITE_ON',
  'NOT_TO_DRAW_ON',
  'INK_FULL',
  'NOT_TO_SPEAK_ON',
  'TOO_MUCH_SAID',
  'NO_SUCH_SOUND',
  'NO_GAP',
  'NO_MORE_TRIES',
  'NOTHING_TO_CHECK',
  'SOLUTION_NOT_SHOWN',
  'TIME_IS_UP',
  'ALREADY_SETTLED',
  'TOO_MANY_MOVES',
  'WITHDRAWN',
  'NOT_OPEN_YET',
  'VIEW_ONLY',
  'PAUSED',
  'EDITING_CLOSED',
  'CLOSED',
  'IN_A_TEAM',
] as const
const isShort = (rule: string): rule is (typeof RULES)[number] => (RULES as readonly string[]).includes(rule)

/** What is told of a refusal, by the rule that was broken. Everything else is told as the server says it. */
export function refusalWords(error: unknown): string {
  return error instanceof Refusal && isShort(error.rule) ? t(`refused.${error.rule}`) : errorText(error)
}
