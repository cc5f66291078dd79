<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\Refusals;
use App\Services\Wording;
use Nessmark\Errors\CoreException;
use Nessmark\Errors\InputRefused;
use RuntimeException;

/** JSON on standard input, JSON on standard output, errors on standard error; 2 when the input is refused. */
trait ReadsJson
{
    private const REFUSED = 2;

    /** @throws InputRefused if standard input is not JSON */
    private function readJson(): mixed
    {
        $text = stream_get_contents(STDIN);
        if ($text === false) {
            throw new RuntimeException('Standard input cannot be read.');
        }
        $data = json_decode($text, true);
        if ($data === null && trim($text) !== 'null') {
            throw InputRefused::one('(input)', 'wrong_type', mb_substr($text, 0, 60), 'json', ['problem' => json_last_error_msg()]);
        }

        return $data;
    }

    /** @param  callable(): array<string, mixed>  $work */
    private function answer(callable $work): int
    {
        try {
            $this->output->writeln(
                (string) json_encode($work(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            );

            return self::SUCCESS;
        } catch (CoreException $refused) {
            fwrite(
                STDERR,
                json_encode(
                    [
                        'reason' => $refused->reason(),
                        'detail' => $refused instanceof InputRefused
                                ? app(Refusals::class)->detail($refused)
                                : app(Wording::class)->text('say', $refused->says()->key, $refused->says()->args),
                        'violations' => $refused instanceof InputRefused ? app(Refusals::class)->all($refused->violations) : [],
                    ],
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRETTY_PRINT,
                )."\n",
            );

            return self::REFUSED;
        }
    }
}
