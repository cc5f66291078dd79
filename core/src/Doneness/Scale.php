<?php

declare(strict_types=1);

namespace Nessmark\Doneness;

/**
 * What a doneness word means. The same word stands for different temperatures in a kitchen and on an official card
 * ("medium rare" is about 55 °C in the one, 63 °C in the other), so a word is never used without its scale. The kitchen
 * scale is the default because it is what customers mean when they ask; safety is judged apart from it.
 */
enum Scale: string
{
    case Kitchen = 'kitchen';
    case Official = 'official';
}
