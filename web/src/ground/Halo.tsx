/** Shown round what is chosen, and round what the keys would move. */
export function Halo({ isSelected, children }: { isSelected: boolean; children: React.ReactNode }) {
  return (
    <g data-halo opacity={isSelected ? 1 : 0}>
      {children}
    </g>
  )
}
