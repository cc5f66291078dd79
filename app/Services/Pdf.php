<?php

declare(strict_types=1);

namespace App\Services;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML set on paper, with the fonts that ship; nothing is loaded from anywhere. */
final class Pdf
{
    /** @param  string|array{float, float, float, float}  $paper  a name, or a box in points */
    public static function set(string $html, string|array $paper, string $title): Dompdf
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
        $pdf->render();
        $pdf->addInfo('Title', $title);

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
