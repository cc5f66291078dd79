<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the cut face is of, so that it can be drawn as one knows it. */
enum SliceForm: string
{
    case Plain = 'plain';

    /** A hollow bird through its breast: the keel, and the cavity below. */
    case Bird = 'bird';

    /** A whole fish: an oval with its backbone. */
    case Fish = 'fish';

    /** Meat around a filling. */
    case Filled = 'filled';
}
