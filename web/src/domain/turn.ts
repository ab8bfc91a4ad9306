/** A turn as the trade writes it: 1/4 R, full L; nothing for no turn. In eighths, right above 0. */
export function turnWords(eighths: number): string {
  const size = Math.abs(eighths)
  if (size === 0) return ''
  const whole = Math.floor(size / 8)
  const rest = size % 8
  const side = eighths > 0 ? 'R' : 'L'
  const fraction = rest === 0 ? '' : rest % 4 === 0 ? '1/2' : rest % 2 === 0 ? `${rest / 2}/4` : `${rest}/8`
  if (whole === 0) return `${fraction} ${side}`
  if (rest === 0) return whole === 1 ? `full ${side}` : `full x${whole} ${side}`
  return `${whole}-${fraction} ${side}`
}
