// Where short words can stand beside balls without covering a ball, one another or the edge of the cloth.

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

interface Round {
  x: number
  y: number
  radius: number
}

/** Ways round a ball in which its words are tried, the likeliest first: right, left, above, below, and the corners between. */
const WAYS = [
  [1, 0],
  [-1, 0],
  [0, -1],
  [0, 1],
  [1, -1],
  [1, 1],
  [-1, -1],
  [-1, 1],
] as const

/** Left upper corners in the order of the balls; undefined where there is no room: then nothing stands there. */
export function freePlaces(
  balls: Round[],
  sizes: { width: number; height: number }[],
  cloth: Box,
): (Box | undefined)[] {
  const taken: Box[] = balls.map(({ x, y, radius }) => ({
    x: x - radius,
    y: y - radius,
    width: 2 * radius,
    height: 2 * radius,
  }))
  return balls.map((ball, at) => {
    const size = sizes[at]
    if (!size) return undefined
    const free = WAYS.map(([dx, dy]) => beside(ball, size, dx, dy)).find(
      (box) => within(box, cloth) && !taken.some((other) => overlap(box, other)),
    )
    if (free) taken.push(free)
    return free
  })
}

function beside(ball: Round, size: { width: number; height: number }, dx: number, dy: number): Box {
  const reach = ball.radius * 1.2
  return {
    x: ball.x + dx * reach - (dx < 0 ? size.width : dx > 0 ? 0 : size.width / 2),
    y: ball.y + dy * reach - (dy < 0 ? size.height : dy > 0 ? 0 : size.height / 2),
    ...size,
  }
}

function within(box: Box, cloth: Box): boolean {
  return (
    box.x >= cloth.x &&
    box.y >= cloth.y &&
    box.x + box.width <= cloth.x + cloth.width &&
    box.y + box.height <= cloth.y + cloth.height
  )
}

function overlap(one: Box, other: Box): boolean {
  return (
    one.x < other.x + other.width &&
    other.x < one.x + one.width &&
    one.y < other.y + other.height &&
    other.y < one.y + one.height
  )
}
