/** Names the zone this device stands in as far as days go: cheaper to ask than its name. */
export function zoneMark(): string {
  return [0, 6].map((month) => new Date(2026, month, 1).getTimezoneOffset()).join('/');
}
