<?php

declare(strict_types=1);

namespace Nessmark\Calibration;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;

/** Fits the constants to everything that is known at once, each within its bounds. */
final class Calibration
{
    /** A time off by this much weighs as much as a rise off by so many K. */
    private const TIME_LOG = 0.2;

    private const RISE_K = 1.5;

    /** One wild row pulls no harder than this. */
    private const MOST = 2.0;

    private readonly Catalogue $catalogue;

    /** @var list<Constant> */
    public readonly array $constants;

    public function __construct(private readonly DataFolder $folder)
    {
        $this->catalogue = Catalogue::from($folder);
        $this->constants = Constant::from($folder);
    }

    /** @return list<float> as they stand in the data */
    public function start(): array
    {
        return array_map(fn (Constant $one): float => max(0.0, min(1.0, $one->share($one->value($this->folder)))), $this->constants);
    }

    /**
     * @param  list<Known>  $known
     * @param  list<float>  $shares
     * @return list<float|null> minutes or K
     */
    public function values(array $known, array $shares): array
    {
        $folder = $this->folder;
        foreach ($this->constants as $i => $one) {
            $folder = $folder->with($one->file, $one->path, $one->at($shares[$i]));
        }
        $trial = new Trial($folder, $this->catalogue);

        return array_map($trial->of(...), $known);
    }

    /**
     * Logarithms of times and K of rise, in parts of what counts as off; inside what is known nothing is off.
     *
     * @param  list<Known>  $known
     * @param  list<float>  $shares
     * @return list<float>
     */
    public function residuals(array $known, array $shares): array
    {
        return array_map(
            static function (Known $row, ?float $value): float {
                if ($value === null) {
                    return self::MOST;
                }
                $off = match ($row->what) {
                    Known::RISE_K => ($value - max($row->low, min($row->high, $value))) / self::RISE_K
                        + 0.2 * (($value - $row->middle()) / self::RISE_K),
                    default => log($value / $row->middle()) / self::TIME_LOG,
                };

                return self::MOST * tanh($off / self::MOST);
            },
            $known,
            $this->values($known, $shares),
        );
    }

    /**
     * @param  list<Known>  $known
     * @return array{list<float>, Fit} shares of the bounds, and the fit they come from
     */
    public function fit(array $known): array
    {
        $fit = new Fit();
        $shares = $fit->least(fn (array $at): array => $this->residuals($known, $at), $this->start());

        return [$shares, $fit];
    }
}
