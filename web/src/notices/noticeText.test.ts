import { describe, expect, it } from 'vitest'
import type { Notice } from '@/api/schema'
import { noticeWay, noticeWords } from './noticeText'

const notice = (kind: Notice['kind'], count = 0): Notice => ({
  id: 'n',
  kind,
  about: { assignmentId: 'a', title: 'Night sky', count },
  at: '2026-11-28T10:00:00Z',
  seen: false,
})

describe('notices', () => {
  it('say what waits, and lead a teacher to the desk and a student to the work', () => {
    expect(noticeWords(notice('HANDED_IN', 7))).toBe('7 handed in: Night sky')
    expect(noticeWay(notice('HANDED_IN', 7))).toBe('/assigned/a/review')
    expect(noticeWords(notice('CAME_BACK'))).toContain('Came back')
    expect(noticeWay(notice('CAME_BACK'))).toBe('/work/a')
    expect(noticeWords(notice('DUE_TOMORROW'))).toContain('within a day')
  })
})
