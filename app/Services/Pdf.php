<?php

declare(strict_types=1);

namespace App\Services;

use Dompdf\Dompdf;
use Dompdf\Frame;
use Dompdf\Options;

/** A page of HTML set on paper, with the fonts that ship; nothing is loaded from anywhere. */
final class Pdf
{
    private const POINTS_PER_MM = 72.0 / 25.4;

    /** The longest page a PDF may have: 200 inches, ISO 32000-1 annex C. */
    private const LONGEST_PT = 14_400.0;

    /** @param  string|array{float, float, float, float}  $paper  a name, or a box in points */
    public static function set(string $html, string|array $paper, string $title): Dompdf
    {
        $pdf = self::blank($html, $paper);
        $pdf->render();
        $pdf->addInfo('Title', $title);

        return $pdf;
    }

    /** On a roll: one page, cut off where the text ends. It is set twice, the first time to see how long it is. */
    public static function roll(string $html, float $widthMm, float $tailMm, string $title): Dompdf
    {
        $width = $widthMm * self::POINTS_PER_MM;
        $end = 0.0;
        $strip = self::blank($html, [0.0, 0.0, $width, self::LONGEST_PT]);
        $strip->setCallbacks([
            [
                'event' => 'end_frame',
                'f' => static function (Frame $frame) use (&$end): void {
                    if (! in_array($frame->get_node()->nodeName, ['html', 'body'], true)) {
                        $end = max($end, (float) $frame->get_position('y') + (float) $frame->get_margin_height());
                    }
                },
            ],
        ]);
        $strip->render();

        return self::set($html, [0.0, 0.0, $width, min(self::LONGEST_PT, $end + $tailMm * self::POINTS_PER_MM)], $title);
    }

    /** @param  string|array{float, float, float, float}  $paper */
    private static function blank(string $html, string|array $paper): Dompdf
    {
        $pdf = new Dompdf(
            new Options([
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'isFontSubsettingEnabled' => true,
                'chroot' => [resource_path('fonts')],
                'fontDir' => self::folder('fonts'),
                'fontCache' => self::folder('fonts'),
                'tempDir' => self::folder('pdf'),
                'defaultFont' => 'atkinson',
            ]),
        );
        $pdf->loadHtml($html);
        $pdf->setPaper($paper);

        return $pdf;
    }

    private static function folder(string $name): string
    {
        $folder = storage_path("app/{$name}");
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }

        return $folder;
    }
}
