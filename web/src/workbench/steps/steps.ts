import { PhExport, PhHandTap, PhPath, PhShapes, PhTarget } from '@phosphor-icons/vue'

/** The steps of making an activity, in their order; Alt with the number of one goes to it. */
export const STEPS = [
  { path: 'lay-out', name: 'Lay out', icon: PhShapes },
  { path: 'answers', name: 'Answers', icon: PhTarget },
  { path: 'links', name: 'Links', icon: PhPath },
  { path: 'try', name: 'Try', icon: PhHandTap },
  { path: 'assign', name: 'Assign', icon: PhExport },
]
