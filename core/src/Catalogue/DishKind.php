<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use LogicException;
use Nessmark\Data\Record;
use Nessmark\Meat\Cut;

/** A dish that leads to cuts and to ways of cooking them: a stew, fajitas, a roast dinner. */
final readonly class DishKind
{
    /**
     * @param  list<string>  $forms
     * @param  list<string>  $slugs  beginnings of them
     * @param  non-empty-list<string>  $methods
     * @param  string  $why  the reason, as a key of the wording
     */
    private function __construct(
        public string $word,
        private array $forms,
        private array $slugs,
        public array $methods,
        public string $why,
    ) {}

    public static function fromRecord(string $word, Record $record): self
    {
        $methods = $record->texts('methods');

        return new self(
            $word,
            $record->has('forms') ? $record->texts('forms') : [],
            $record->texts('slugs'),
            $methods === [] ? throw new LogicException("{$word} is cooked no way.") : $methods,
            $record->text('why'),
        );
    }

    public function holds(Cut $cut): bool
    {
        if (in_array($cut->form->value, $this->forms, true)) {
            return true;
        }
        foreach ($this->slugs as $beginning) {
            if (str_starts_with($cut->slug, $beginning)) {
                return true;
            }
        }

        return false;
    }
}
