<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** Something that happened at a run, as a device saw it. */
final readonly class RunEvent
{
    public const KINDS = ['begin', 'done', 'wait', 'back', 'note', 'wrong', 'climate', 'amount', 'pause', 'resume'];

    /**
     * @param string $key made by the device, the same however often it is sent
     * @param int $occurredMs ms since 1970, the device's clock put right
     * @param int $seq counts up on its device
     * @param array<array-key, mixed> $body what belongs to its kind
     * @param string $by who
     */
    public function __construct(
        public string $key,
        public string $kind,
        public int $occurredMs,
        public string $device,
        public int $seq,
        public array $body,
        public string $by = '',
    ) {}

    /**
     * Each once, in the order they happened: by time, and on one device never against its own count, however far its clock
     * jumped. The same for any order they came in.
     *
     * @param list<self> $events
     * @return list<array{int, self}> the time that counts, and the event
     */
    public static function ordered(array $events): array
    {
        $once = [];
        foreach ($events as $event) {
            $once[$event->key] ??= $event;
        }
        ksort($once, SORT_STRING);
        $byDevice = [];
        foreach ($once as $event) {
            $byDevice[$event->device][] = $event;
        }
        $out = [];
        foreach ($byDevice as $own) {
            usort($own, fn (self $a, self $b): int => [$a->seq, $a->key] <=> [$b->seq, $b->key]);
            $latest = PHP_INT_MIN;
            foreach ($own as $event) {
                $latest = max($latest, $event->occurredMs);
                $out[] = [$latest, $event];
            }
        }
        usort(
            $out,
            fn (array $a, array $b): int => [$a[0], $a[1]->device, $a[1]->seq, $a[1]->key] <=>
                [$b[0], $b[1]->device, $b[1]->seq, $b[1]->key],
        );

        return $out;
    }

    public function text(string $name): string
    {
        $value = $this->body[$name] ?? null;

        return is_string($value) ? $value : '';
    }

    public function number(string $name): ?float
    {
        $value = $this->body[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
