import { ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'

/**
 * Says at the foot of the screen that something was done, for as long as it takes to read. What went wrong is said beside
 * what it is about, and stays there.
 *
 * @param message one whole sentence
 */
export function notifyDone(message: string) {
  ElMessage({ type: 'success', message, placement: 'bottom', duration: 6_000, showClose: true })
}
