<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Nessmark\Contract\SimulationCase;
use Nessmark\Contract\SimulationReport;

final class SimulateCommand extends Command
{
    use ReadsJson;

    protected $signature = 'nessmark:simulate';

    protected $description = 'Run a heat simulation: JSON on standard input, JSON on standard output; needs no database';

    public function handle(): int
    {
        return $this->answer(function (): array {
            $case = SimulationCase::fromArray($this->readJson());
            $began = hrtime(true);
            $report = SimulationReport::of($case);
            /** @var array<string, mixed> $engine */
            $engine = $report['engine'];
            $report['engine'] = [...$engine, 'ms' => round((hrtime(true) - $began) / 1e6, 2)];

            return $report;
        });
    }
}
