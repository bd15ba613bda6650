<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kept\Archive;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Models\NamedStyle;
use Illuminate\Testing\TestResponse;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/** House styles under names: a stranger's in a cookie, the tutor's with their things, given to learners by name. */
final class NamedStylesTest extends TestCase
{
    private const COOKIE = 'runel_styles';

    public function testAStrangersNameKeepsItsSpaces(): void
    {
        $kept = $this->post('/style', ['times' => 'cross', 'name' => 'Harbour school, upper room']);
        $cookie = self::cookie($kept);
        $this->withUnencryptedCookie(self::COOKIE, $cookie)->get('/style')
            ->assertSee('>Harbour school, upper room<', false);
        self::assertSame(0, NamedStyle::query()->count());
    }

    public function testSigningInTakesThemOverAndAClashOfNamesAsks(): void
    {
        $this->signIn();
        $this->post('/style', ['times' => 'cross', 'name' => 'Harbour school']);
        self::assertSame(['times' => 'cross', 'house' => '3'], NamedStyle::query()->sole()->standing);
        $this->post('/tutor/out');
        $cookie = self::cookie($this->post('/style', ['times' => 'dot', 'name' => 'Harbour school']));
        $cookie = self::cookie($this->withUnencryptedCookie(self::COOKIE, $cookie)
            ->post('/style', ['moving' => 'across', 'name' => 'Evening class']));
        $in = $this->withUnencryptedCookie(self::COOKIE, $cookie)
            ->post('/tutor', ['passphrase' => self::PASSPHRASE])->assertSessionHas('notice');
        self::assertSame(
            ['Evening class', 'Harbour school'],
            NamedStyle::query()->orderBy('name')->pluck('name')->all(),
        );
        $there = NamedStyle::query()->where('name', 'Harbour school')->sole();
        self::assertSame(['times' => 'cross', 'house' => '3'], $there->standing);
        $left = self::cookie($in);
        $this->withUnencryptedCookie(self::COOKIE, $left)->get('/style')
            ->assertSee('There are two styles called “Harbour school”')->assertDontSee('called “Evening class”');
        $settled = $this->withUnencryptedCookie(self::COOKIE, $left)
            ->post('/style', ['settle' => 'Harbour school', 'which' => 'both']);
        self::assertSame('', self::cookie($settled));
        self::assertSame(
            ['Evening class', 'Harbour school', 'Harbour school (2)'],
            NamedStyle::query()->orderBy('name')->pluck('name')->all(),
        );
    }

    public function testAStyleIsGivenByItsNameAndGoesOutAndInWithTheRest(): void
    {
        $this->signIn();
        $this->post('/style', ['times' => 'cross', 'name' => 'Harbour school']);
        $group = LearnerGroup::query()->create(['name' => 'Upper room']);
        foreach (['Tove', 'Wren'] as $name) {
            $group->learners()->attach(Learner::query()->create(['name' => $name, 'style' => HouseStyle::default()]));
        }
        $this->put("/groups/$group->id/style", ['restyle' => 'name:Harbour school'])->assertSessionHas('notice');
        foreach ($group->learners()->get() as $learner) {
            self::assertSame(['times' => 'cross'], $learner->style->chosen());
        }
        $one = Learner::query()->where('name', 'Wren')->sole();
        $this->get("/learners/$one->id")->assertSee('name:Harbour school');
        $values = ['version' => $one->version, 'name' => 'Wren', 'note' => '', 'daily' => 5];
        $this->put("/learners/$one->id", $values + ['restyle' => '1']);
        self::assertSame('{"house":"3"}', $one->refresh()->getRawOriginal('style'));
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        app(Archive::class)->write($file);
        NamedStyle::query()->delete();
        app(Archive::class)->read($file);
        app(Archive::class)->read($file);
        unlink($file);
        self::assertSame(['times' => 'cross', 'house' => '3'], NamedStyle::query()->sole()->standing);
    }

    /** @param TestResponse<Response> $response */
    private static function cookie(TestResponse $response): string
    {
        $found = array_filter(
            $response->headers->getCookies(),
            static fn(Cookie $cookie): bool => $cookie->getName() === self::COOKIE,
        );

        return (string) (array_values($found)[0] ?? null)?->getValue();
    }
}
