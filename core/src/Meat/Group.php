<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How the counter lays out its meat. */
enum Group: string
{
    case Beef = 'beef';
    case Veal = 'veal';
    case Pork = 'pork';
    case Lamb = 'lamb';
    case Game = 'game';
    case Poultry = 'poultry';
    case Fish = 'fish';
    case Offal = 'offal';
}
