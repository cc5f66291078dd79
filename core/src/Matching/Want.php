<?php

declare(strict_types=1);

namespace Nessmark\Matching;

/** What is wanted besides meat: a word at the counter that moves the weights. */
enum Want: string
{
    case Cheap = 'cheap';
    case Quick = 'quick';
    case Special = 'special';
    case Easy = 'easy';
    case Lean = 'lean';
    case Rich = 'rich';
    case Bigger = 'bigger';
    case Boneless = 'boneless';
    case OnBone = 'on_bone';
    case SkinOn = 'skin_on';
    case CrispSkin = 'crisp_skin';
    case Soft = 'soft';
    case Leftovers = 'leftovers';
    case Crackling = 'crackling';
    case Unhurried = 'unhurried';
    case HowThick = 'how_thick';
}
