/** The coldest night to come, which only the keeper knows; sent with its form. */
export function NightField({ coldestNightC }: { coldestNightC: number | null }) {
  return (
    <label>
      Coldest of the next five nights, °C
      <input
        name="night"
        type="number"
        min={-20}
        max={35}
        defaultValue={coldestNightC ?? ''}
        className="ml-2 min-h-11 w-20 border-2 border-ink bg-paper px-2"
      />
    </label>
  );
}
