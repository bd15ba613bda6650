<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** A lesson proposed and played by one key, from step to step and from item to item. */
final class LessonsTest extends TestCase
{
    public function testALessonIsPlayedByOneKey(): void
    {
        $this->open('/lessons', ['skill' => 'linear', 'rung' => 2, 'minutes' => 30]);
        $this->assertSound('a plan');
        $this->one('#play')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.projector'), 'a minus'), 'the goal');
        $this->assertSound('a goal');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '1 of'), 'the first example');
        $steps = (int) explode('of ', $this->text('.spine-count'))[1];
        for ($step = 2; $step <= $steps; ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
        }
        $this->assertSound('an example at its end');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.lesson-where'), '3 of'), 'the next item');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/your-turn'), 'the turn');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('a turn in a lesson on a phone');
        $this->open('/lessons', ['skill' => 'linear', 'rung' => 2, 'minutes' => 30]);
        $this->assertSound('a plan on a phone');
    }
}
