/**
 * A camera that stands in where there is none: a night sky over a dome, drawn live, so that taking a picture can be
 * practised and tested on any machine.
 */
export function practiceStream(): { stream: MediaStream; stop: () => void } {
  const canvas = document.createElement('canvas')
  canvas.width = 640
  canvas.height = 400
  const pen = canvas.getContext('2d')!
  const stars = Array.from({ length: 60 }, (_, i) => ({
    x: (i * 97) % 640,
    y: (i * 53) % 240,
    r: 1 + (i % 3),
  }))
  let running = true
  let n = 0
  const draw = () => {
    if (!running) return
    n++
    const sky = pen.createLinearGradient(0, 0, 0, 400)
    sky.addColorStop(0, '#0b1e3a')
    sky.addColorStop(1, '#3b5b7a')
    pen.fillStyle = sky
    pen.fillRect(0, 0, 640, 400)
    for (const star of stars) {
      pen.fillStyle = (n / 30 + star.x) % 4 < 3 ? '#fff6cf' : '#8fa4c0'
      pen.beginPath()
      pen.arc((star.x + n * 0.2) % 640, star.y, star.r, 0, 7)
      pen.fill()
    }
    pen.fillStyle = '#26384a'
    pen.beginPath()
    pen.ellipse(320, 420, 420, 120, 0, 0, 7)
    pen.fill()
    pen.fillStyle = '#dfe6ea'
    pen.beginPath()
    pen.arc(320, 300, 60, Math.PI, 0)
    pen.fill()
    pen.fillRect(260, 300, 120, 44)
    requestAnimationFrame(draw)
  }
  draw()
  return { stream: canvas.captureStream(15), stop: () => (running = false) }
}
