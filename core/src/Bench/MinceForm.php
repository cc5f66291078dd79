<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** What minced meat is made into. */
enum MinceForm: string
{
    case Burgers = 'burgers';
    case Meatballs = 'meatballs';
    case Sausages = 'sausages';
    case Loose = 'loose';
}
