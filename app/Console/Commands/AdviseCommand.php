<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Nessmark\Advice\TicketWriter;
use Nessmark\Contract\AskReader;
use Nessmark\Errors\InputRefused;

final class AdviseCommand extends Command
{
    use ReadsJson;

    protected $signature = 'nessmark:advise
        {--line= : the ask as people say it}
        {--case= : today\'s stock from a file}';

    protected $description = 'Compute the ticket for an ask: JSON on standard input, JSON on standard output; needs no database';

    public function handle(AskReader $reader, TicketWriter $writer): int
    {
        return $this->answer(function () use ($reader, $writer): array {
            foreach (['line', 'case'] as $option) {
                if ($this->option($option) !== null) {
                    throw InputRefused::one("--{$option}", 'not_supported', $this->option($option), 'a JSON ask on standard input; this version does not match from stock or read a line yet');
                }
            }
            $data = $this->readJson();
            if (is_array($data) && isset($data['eat_at']) && ! isset($data['now'])) {
                $data['now'] = now()->format(DATE_ATOM);
            }

            return $writer->advise($reader->read($data));
        });
    }
}
