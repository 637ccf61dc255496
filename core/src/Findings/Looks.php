<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use DateTimeImmutable;
use Kalopsis\Why\Phrase;

/** What is known of a car since it left the booth, from everything that was found and said of it. */
final readonly class Looks
{
    /** Delivered work asks back after so many days: clear has settled, the owner has seen it in every light. Chosen here. */
    public const ASK_AFTER_DAYS = 14;

    /**
     * @param list<LookEvent> $findings that stand, the newest last
     * @param list<LookEvent> $struck
     * @param ?LookEvent $clean the newest look at which nothing was seen, if nothing was found since
     * @param ?LookEvent $asked the newest answer
     * @param list<LookEvent> $followUps
     * @param list<LookEvent> $lessons
     */
    private function __construct(
        public array $findings,
        public array $struck,
        public ?LookEvent $clean,
        public ?LookEvent $delivered,
        public ?LookEvent $asked,
        public array $followUps,
        public ?LookEvent $follows,
        public array $lessons,
    ) {}

    /** @param list<LookEvent> $events in the order they were kept */
    public static function of(array $events): self
    {
        $found = $gone = $followUps = $lessons = [];
        $clean = $delivered = $asked = $follows = null;
        $seen = [];
        foreach ($events as $event) {
            if (isset($seen[$event->key])) {
                continue;
            }
            $seen[$event->key] = true;
            switch ($event->kind) {
                case 'finding':
                    $found[$event->key] = $event;
                    $clean = null;
                    break;
                case 'strike':
                    $gone[$event->text('finding')] = true;
                    break;
                case 'restore':
                    unset($gone[$event->text('finding')]);
                    break;
                case 'clean':
                    $clean = $event;
                    break;
                case 'delivered':
                    $delivered = $event;
                    $asked = null;
                    break;
                case 'asked':
                    $asked = $event;
                    break;
                case 'follow-up':
                    $followUps[] = $event;
                    break;
                case 'follows':
                    $follows = $event;
                    break;
                case 'lesson':
                    $lessons[] = $event;
                    break;
            }
        }

        return new self(
            array_values(array_diff_key($found, $gone)),
            array_values(array_intersect_key($found, $gone)),
            $clean,
            $delivered,
            $asked,
            $followUps,
            $follows,
            $lessons,
        );
    }

    public function hasLooked(): bool
    {
        return $this->findings !== [] || $this->clean !== null;
    }

    /** Is it time to ask the owner? */
    public function isDue(DateTimeImmutable $now): bool
    {
        return $this->delivered !== null &&
            $this->asked === null &&
            $now >= $this->askAt();
    }

    public function askAt(): ?DateTimeImmutable
    {
        return $this->delivered === null
            ? null
            : (new DateTimeImmutable($this->delivered->at))->modify('+' . self::ASK_AFTER_DAYS . ' days');
    }

    /** Was the work seen, by the shop or by its owner, so that somebody would do it again? */
    public function isRedo(): bool
    {
        return $this->followUps !== [] || ($this->asked?->body['again'] ?? false) === true;
    }

    public function says(): Phrase
    {
        return match (true) {
            $this->asked !== null && $this->isRedo() => Phrase::of('came back'),
            $this->asked !== null => Phrase::of('delivered, not seen again'),
            $this->followUps !== [] => Phrase::of('done again as another job'),
            $this->delivered !== null => Phrase::of('delivered'),
            $this->findings !== [] => Phrase::of('{n, plural, one {# thing seen} other {# things seen}}', [
                'n' => count($this->findings),
            ]),
            $this->clean !== null => Phrase::of('nothing seen'),
            default => Phrase::of('after the job'),
        };
    }
}
