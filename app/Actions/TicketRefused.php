<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;
use Nessmark\Say\Phrase;

/** A ticket that may not be stored as it is. */
final class TicketRefused extends DomainException implements CoreException
{
    private function __construct(private readonly Phrase $phrase, private readonly string $why)
    {
        parent::__construct($phrase->key);
    }

    public static function stopped(): self
    {
        return new self(new Phrase('error.ticket_stopped'), 'ticket.stopped');
    }

    /** @param  list<string>  $unread */
    public static function notReadOut(array $unread): self
    {
        return new self(new Phrase('error.caution_not_read', ['findings' => implode(', ', $unread)]), 'ticket.caution_not_read');
    }

    /** The house, the lot or the engine changed after it was shown. */
    public static function otherwiseNow(string $cut): self
    {
        return new self(new Phrase('error.otherwise_now', ['cut' => $cut]), 'ticket.otherwise_now');
    }

    /** Another stands in its place, or it was taken back. */
    public static function notThisOne(): self
    {
        return new self(new Phrase('error.ticket_replaced'), 'ticket.replaced');
    }

    public static function tooLate(int $minutes): self
    {
        return new self(new Phrase('error.ticket_too_late', ['within_s' => 60.0 * $minutes]), 'ticket.too_late');
    }

    public function reason(): string
    {
        return $this->why;
    }

    public function says(): Phrase
    {
        return $this->phrase;
    }
}
