<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** What a car's day is made of. */
enum BlockKind: string
{
    case Card = 'card';
    case Dries = 'dries';
    case Prep = 'prep';
    case Booth = 'booth';
    case Cool = 'cool';
    case Finish = 'finish';

    public function words(): string
    {
        return match ($this) {
            self::Card => 'read, mix, spray the card',
            self::Dries => 'card dries',
            self::Prep => 'prep',
            self::Booth => 'colour, clear, bake',
            self::Cool => 'cools',
            self::Finish => 'polish, refit',
        };
    }

    /** @return list<self> what has to be over before */
    public function after(): array
    {
        return match ($this) {
            self::Card => [],
            self::Dries, self::Prep => [self::Card],
            self::Booth => [self::Dries, self::Prep],
            self::Cool => [self::Booth],
            self::Finish => [self::Booth, self::Cool],
        };
    }

    public function takesHands(): bool
    {
        return $this !== self::Dries && $this !== self::Cool;
    }

    /** Only a painter sprays; anybody preps and polishes. */
    public function takesPainter(): bool
    {
        return $this === self::Card || $this === self::Booth;
    }

    /** May it be laid down when the shop closes, and taken up again? */
    public function splits(): bool
    {
        return $this === self::Prep || $this === self::Finish;
    }
}
