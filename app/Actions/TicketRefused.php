<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;

/** A ticket that may not be stored as it is. */
final class TicketRefused extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $why)
    {
        parent::__construct($message);
    }

    public static function stopped(): self
    {
        return new self('This plan is a stop: it is not handed over. Take the safe plan offered on the ticket.', 'ticket.stopped');
    }

    /** @param  list<string>  $unread */
    public static function notReadOut(array $unread): self
    {
        return new self('Read these cautions out first: '.implode(', ', $unread).'.', 'ticket.caution_not_read');
    }

    /** The house, the lot or the engine changed after it was shown. */
    public static function otherwiseNow(string $cut): self
    {
        return new self("{$cut} would by now come out otherwise than it was shown. Look at it again, then give it.", 'ticket.otherwise_now');
    }

    public static function tooLate(int $minutes): self
    {
        return new self("A ticket is taken back within {$minutes} minutes. After that, count the lot again.", 'ticket.too_late');
    }

    public function reason(): string
    {
        return $this->why;
    }
}
