<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Why\Phrase;

/** One thing to decide. */
final readonly class Ask
{
    /**
     * @param list<Option> $options
     * @param bool $asLength options are lengths of the blend along a scale
     */
    public function __construct(public string $key, public Phrase $text, public array $options, public bool $asLength = false) {}

    public function option(string $key): ?Option
    {
        foreach ($this->options as $option) {
            if ($option->key === $key) {
                return $option;
            }
        }

        return null;
    }
}
