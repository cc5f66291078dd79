<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Calibration\Calibration;
use Nessmark\Calibration\Fit;
use Nessmark\Calibration\Known;

/** Puts a calibration into words and tables, in Markdown. */
final readonly class CalibrationReport
{
    /** Two constants that move all rows alike to this degree cannot be told apart by them (cosine of their slopes). */
    private const ALIKE = 0.9;

    /** A constant that moves the rows by less than this, all in all, is not seen by them. */
    private const UNSEEN = 0.5;

    /** @param  list<Known>  $known */
    public function __construct(private Calibration $calibration, private array $known) {}

    public function asItStands(): string
    {
        return $this->rows($this->calibration->start());
    }

    public function fitted(bool $isHeldOut): string
    {
        [$shares, $fit] = $this->calibration->fit($this->known);

        $told = "## Constants\n\n".$this->constants($shares).$this->alike($fit)."\n".$this->rows($shares);

        return $told.($isHeldOut ? $this->heldOut() : '');
    }

    /** @param  list<float>  $shares */
    private function constants(array $shares): string
    {
        $lines = "| constant | was | fitted | bounds |\n|---|---|---|---|\n";
        $start = $this->calibration->start();
        foreach ($this->calibration->constants as $i => $one) {
            $lines .= sprintf("| %s | %.4g | **%.4g** | %.4g to %.4g, %s |\n",
                $one->path, $one->at($start[$i]), $one->at($shares[$i]), $one->low, $one->high, $one->boundsFrom);
        }

        return $lines;
    }

    private function alike(Fit $fit): string
    {
        $columns = [];
        foreach ($fit->slopes as $row) {
            foreach ($row as $i => $slope) {
                $columns[$i][] = $slope;
            }
        }
        $lines = '';
        foreach ($columns as $i => $a) {
            $name = $this->calibration->constants[$i]->path;
            if (sqrt(self::dot($a, $a)) < self::UNSEEN) {
                $lines .= "- {$name}: the data say next to nothing of it\n";

                continue;
            }
            foreach (array_slice($columns, $i + 1, null, true) as $k => $b) {
                $cosine = self::dot($a, $b) / max(1e-9, sqrt(self::dot($a, $a) * self::dot($b, $b)));
                if (abs($cosine) > self::ALIKE) {
                    $lines .= sprintf("- %s and %s cannot be told apart (%.2f)\n", $name, $this->calibration->constants[$k]->path, $cosine);
                }
            }
        }

        return $lines;
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $x) {
            $sum += $x * $b[$i];
        }

        return $sum;
    }

    /** @param  list<float>  $shares */
    private function rows(array $shares): string
    {
        $values = $this->calibration->values($this->known, $shares);
        $lines = '';
        $byWay = [];
        foreach ($this->known as $i => $row) {
            $lines .= self::row($row, $values[$i]);
            if ($row->what === Known::MINUTES) {
                $byWay[$row->method->value][] = $values[$i] === null ? 9.9 : $values[$i] / $row->middle();
            }
        }
        $head = "| way | rows | median | within 30 % |\n|---|---|---|---|\n";
        $all = array_merge(...array_values($byWay));
        foreach ([...$byWay, 'all' => $all] as $way => $ratios) {
            $head .= self::line((string) $way, $ratios);
        }

        return $head."\n| cut | way | done | size | known | ours | ratio |\n|---|---|---|---|---|---|---|\n".$lines;
    }

    private static function row(Known $row, ?float $value): string
    {
        return sprintf(
            "| %s | %s | %s | %s | %.4g–%.4g %s | %s | %s |\n",
            $row->cut,
            $row->method->value,
            $row->word ?? "{$row->targetC} °C",
            $row->thicknessMm === null ? "{$row->pieceG} g" : "{$row->thicknessMm} mm",
            $row->low,
            $row->high,
            $row->what === Known::RISE_K ? 'K' : 'min',
            $value === null ? 'never' : sprintf('%.1f', $value),
            $value === null || $row->what === Known::RISE_K ? '' : sprintf('%.2f', $value / $row->middle()),
        );
    }

    /** @param  list<float>  $ratios */
    private static function line(string $name, array $ratios): string
    {
        sort($ratios);
        $near = count(array_filter($ratios, static fn (float $ratio): bool => $ratio >= 0.7 && $ratio <= 1.3));

        return sprintf("| %s | %d | %.2f | %d |\n", $name, count($ratios), $ratios[intdiv(count($ratios), 2)], $near);
    }

    private function heldOut(): string
    {
        $lines = "\n## Held out\n\n| way | rows | median | within 30 % |\n|---|---|---|---|\n";
        foreach (array_unique(array_map(static fn (Known $row): string => $row->method->value, $this->known)) as $way) {
            $isOut = static fn (Known $row): bool => $row->method->value === $way;
            $out = array_values(array_filter($this->known, static fn (Known $row): bool => $isOut($row) && $row->what === Known::MINUTES));
            $in = array_values(array_filter($this->known, static fn (Known $row): bool => ! $isOut($row)));
            [$shares] = $this->calibration->fit($in);
            $ratios = array_map(
                static fn (Known $row, ?float $value): float => $value === null ? 9.9 : $value / $row->middle(),
                $out,
                $this->calibration->values($out, $shares),
            );
            $lines .= $ratios === [] ? '' : self::line($way, $ratios);
        }

        return $lines;
    }
}
