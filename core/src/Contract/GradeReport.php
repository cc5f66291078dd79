<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Sources;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeEffect;
use Nessmark\Grade\GradeScale;
use Nessmark\Grade\GradeStep;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;

/** Grade scales, and what one reading on one of them means, as plain data. */
final readonly class GradeReport
{
    private function __construct(private GradeTable $table, private Sources $sources) {}

    public static function from(DataFolder $folder): self
    {
        return new self(GradeTable::from($folder), Sources::from($folder));
    }

    /** @return array{scales: list<array<string, mixed>>} */
    public function scales(): array
    {
        return [
            'scales' => array_map(
                fn (GradeScale $scale): array => [
                    'id' => $scale->id,
                    'name' => $scale->name,
                    'authority' => $scale->authority,
                    'groups' => $scale->groups,
                    'measures' => $scale->measures,
                    'range' => $scale->range,
                    'note' => $scale->note,
                    'carries_fat' => $scale->carriesFat(),
                    'numbers' => $scale->numbers,
                    'steps' => $scale->numbers !== null ? [] : array_map($this->step(...), $scale->steps),
                ],
                $this->table->scales,
            ),
        ];
    }

    /**
     * @param  string  $value  as typed
     * @param  Cut|null  $cut  the cut to tell the effect for
     * @return array<string, mixed>
     *
     * @throws InputRefused naming the scales there are, or the scale's official range
     */
    public function reading(string $scaleId, string $value, ?Cut $cut): array
    {
        $scale = $this->table->scale($scaleId);
        $step = $scale->step($value);

        return [
            'scale' => [
                'id' => $scale->id,
                'name' => $scale->name,
                'range' => $scale->range,
                'note' => $scale->note,
                'measures' => $scale->measures,
            ],
            'step' => $this->step($step),
            'fat' => $step->fat?->toArray(),
            'neighbours' => array_map(
                static fn (array $found): array => [
                    'scale' => $found['scale']->id,
                    'name' => $found['scale']->name,
                    'from' => $found['from']->label,
                    'to' => $found['to']->label,
                    'is_unsure' => $step->fat?->isUnsure === true || $found['from']->fat?->isUnsure === true,
                ],
                $this->table->neighbours($scale, $step),
            ),
            'is_comparable' => $scale->isComparable,
            'effects' => $cut === null || $step->fat === null
                    ? []
                    : array_map(static fn (Phrase $phrase): array => $phrase->toArray(), GradeEffect::on($cut, $step->fat)),
            'sources' => $this->sources->cite([...$scale->sources, ...$this->table->uncertaintySources()]),
        ];
    }

    /** @return array{value: string, label: string, note: string|null} */
    private function step(GradeStep $step): array
    {
        return ['value' => $step->value, 'label' => $step->label, 'note' => $step->note];
    }
}
