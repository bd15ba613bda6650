<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\View\Version;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use PHPUnit\Framework\TestCase as BaseTestCase;

/** A real browser against a real server, each on a port of its own, both ended with the class. */
abstract class TestCase extends BaseTestCase
{
    /** The same browser without a window round its pages, which takes half the time. */
    private const WINDOWLESS = '/usr/lib/chromium/chromium-headless-shell';
    private const FLAGS = [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-extensions',
        '--disable-component-extensions-with-background-pages',
        '--force-prefers-reduced-motion',
    ];

    protected static RemoteWebDriver $browser;
    private static string $address;
    private static int $driver;
    private static string $folder;
    /** A filled database, to be copied for each class. */
    private static string $filled;
    /** @var array<string, true> rooms whose contrast has been measured */
    private static array $measured = [];
    /** @var list<resource> */
    private static array $processes = [];

    /** One server and one browser for all classes of a process; what was kept for one is gone for the next. */
    public static function setUpBeforeClass(): void
    {
        if (!isset(self::$browser)) {
            self::begin();
        }
        foreach (['-wal', '-shm', ''] as $end) {
            @unlink(self::$folder . "/runel.sqlite$end");
        }
        copy(self::$filled, self::$folder . '/runel.sqlite');
        self::$browser->get(self::$address . '/r');
        self::$browser->executeScript('localStorage.clear(); sessionStorage.clear();');
        self::$browser->manage()->deleteAllCookies();
    }

    private static function begin(): void
    {
        $root = \dirname(__DIR__, 2);
        self::$folder = sys_get_temp_dir() . '/runel-browser-' . bin2hex(random_bytes(6));
        mkdir(self::$folder);
        $environment = [
            'DB_DATABASE' => self::$folder . '/runel.sqlite',
            'APP_ENV' => 'testing',
            'APP_KEY' => 'base64:' . base64_encode(random_bytes(32)),
            'SESSION_DRIVER' => 'file',
        ] + getenv();
        self::$filled = self::filled($root, $environment);
        $server = self::freePort();
        self::$driver = self::freePort();
        self::$address = "http://127.0.0.1:$server";
        register_shutdown_function(self::end(...));
        self::start([
            \PHP_BINARY,
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'opcache.preload=bootstrap/preload.php',
            '-d',
            'opcache.preload_user=' . (posix_getpwuid(posix_geteuid())['name'] ?? ''),
            '-S',
            "127.0.0.1:$server",
            '-t',
            'public',
            'bootstrap/router.php',
        ], $root, $environment, $server);
        self::start(['chromedriver', '--port=' . self::$driver], $root, getenv(), self::$driver);
        self::$browser = self::started();
    }

    /** Somebody else's browser, which keeps things of its own. */
    protected function another(): RemoteWebDriver
    {
        return self::started();
    }

    private static function started(): RemoteWebDriver
    {
        $options = new ChromeOptions();
        if (is_executable(self::WINDOWLESS)) {
            $options->setBinary(self::WINDOWLESS);
        }
        $options->addArguments(self::FLAGS);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return RemoteWebDriver::create('http://127.0.0.1:' . self::$driver, $capabilities, 20_000, 60_000);
    }

    protected function setUp(): void
    {
        self::$browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
    }

    private static function end(): void
    {
        if (isset(self::$browser)) {
            self::$browser->quit();
        }
        foreach (self::$processes as $process) {
            proc_terminate($process);
            proc_close($process);
        }
        self::$processes = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            self::$folder,
            \FilesystemIterator::SKIP_DOTS,
        ), \RecursiveIteratorIterator::CHILD_FIRST) as $file) {
            \assert($file instanceof \SplFileInfo);
            $file->isDir() && !$file->isLink() ? @rmdir($file->getPathname()) : @unlink($file->getPathname());
        }
        @rmdir(self::$folder);
    }

    /** @param array<string, string|int> $query */
    protected function open(string $path, array $query = []): void
    {
        self::$browser->get(self::$address . $path . ($query === [] ? '' : '?' . http_build_query($query)));
    }

    /** As the tutor; the first time sets the passphrase. */
    protected function signIn(): void
    {
        $this->open('/tutor');
        if ($this->many('#leave') === 1) {
            return;
        }
        $isFirst = $this->many('#set') === 1;
        foreach ($isFirst ? ['wanted', 'again'] : ['passphrase'] as $field) {
            $this->one("input[name=$field]")->sendKeys('a boat on the water');
        }
        $this->one($isFirst ? '#set' : '#enter')->click();
        $this->waitUntil(fn(): bool => !str_ends_with(self::$browser->getCurrentURL(), '/tutor'), 'signed in');
    }

    protected function many(string $selector): int
    {
        $count = self::$browser->executeScript('return document.querySelectorAll(arguments[0]).length', [$selector]);
        \assert(\is_int($count));

        return $count;
    }

    protected function one(string $selector): RemoteWebElement
    {
        return self::$browser->findElement(WebDriverBy::cssSelector($selector));
    }

    /** What may stand behind a phone's foot is scrolled to first, as a finger does. */
    protected function reach(string $selector): RemoteWebElement
    {
        $found = $this->one($selector);
        self::$browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$found]);

        return $found;
    }

    /** What is seen of it; asked in one script, which takes a fifth of the time the driver takes for it. */
    protected function text(string $selector): string
    {
        return $this->said('const found = document.querySelector(arguments[0]);'
            . 'const text = found.checkVisibility() ? found.innerText ?? found.textContent : "";'
            . 'return text.trim().replace(/[ \\t]+/g, " ")', $selector);
    }

    /** What screen readers hear of the mathematics inside. */
    protected function heard(string $selector): string
    {
        return $this->said('return [...document.querySelectorAll(arguments[0] + " .maths")]'
            . '.map(spoken => spoken.getAttribute("aria-label")).join(" | ")', $selector);
    }

    private function said(string $script, string $selector): string
    {
        $said = self::$browser->executeScript($script, [$selector]);
        \assert(\is_string($said));

        return $said;
    }

    /** @param \Closure(): bool $condition */
    protected function waitUntil(\Closure $condition, string $what): void
    {
        self::$browser->wait(60, 60)->until(static function () use ($condition): bool {
            try {
                return $condition();
            } catch (\Facebook\WebDriver\Exception\WebDriverException) {
                return false;
            }
        }, $what);
        $this->addToAssertionCount(1);
    }

    protected function press(string $keys): void
    {
        self::$browser->getKeyboard()->sendKeys($keys);
    }

    /** No serious accessibility fault, nothing scrolling sideways, no complaint in the console. */
    protected function assertSound(string $where): void
    {
        // Every kind of screen is looked at once, with its colors; again and again where THOROUGH is set.
        $room = self::$browser->executeScript('return location.pathname.replace(/[0-9a-z]{26}/g, "") + " "'
            . ' + document.body.className + (innerWidth < 600)');
        $isNew = !isset(self::$measured[(string) $room]);
        self::$measured[(string) $room] = true;
        if ($isNew || getenv('THOROUGH') !== false) {
            $this->assertAccessible($where, $isNew);
        }
        self::assertTrue(self::$browser->executeScript(
            'return document.documentElement.scrollWidth <= innerWidth',
        ), "$where scrolls sideways");
        $complaints = array_filter(
            self::$browser->manage()->getLog('browser'),
            // A reading that is replaced by the next one is given up: that is as it should be.
            static fn(array $entry): bool => $entry['level'] === 'SEVERE'
                && preg_match('/422|htmx:(sendAbort|afterRequest)/', $entry['message']) !== 1,
        );
        self::assertSame([], array_values($complaints), $where);
    }

    private function assertAccessible(string $where, bool $withColors): void
    {
        if (self::$browser->executeScript('return typeof axe') === 'undefined') {
            self::$browser->executeScript((string) file_get_contents(__DIR__ . '/axe.min.js'));
        }
        $faults = self::$browser->executeAsyncScript(
            'const done = arguments[1]; const serious = ["serious", "critical"];'
                . 'axe.run({resultTypes: ["violations"], preload: false, rules: {"color-contrast": '
                . '{enabled: arguments[0]}}}).then(r => done(r.violations'
                . '.filter(v => serious.includes(v.impact)).map(v => v.id + ": " + v.nodes.map(n => n.html + " " + '
                . 'n.failureSummary).slice(0, 3).join(" ; "))))',
            [$withColors],
        );
        self::assertSame([], $faults, $where);
    }

    /**
     * A database with the demo data, filled once for all classes of one day and one state of the program.
     *
     * @param array<string, string> $environment
     */
    private static function filled(string $root, array $environment): string
    {
        $state = date('Y-m-d') . Version::ofProgram($root);
        foreach (glob("$root/database/*/*.php") ?: [] as $file) {
            $state .= "$file " . filemtime($file);
        }
        $database = sys_get_temp_dir() . '/runel-browser-' . hash('xxh64', $state) . '.sqlite';
        $lock = fopen("$database.lock", 'c');
        \assert(\is_resource($lock));
        flock($lock, \LOCK_EX);
        if (!is_file($database)) {
            touch("$database.new");
            $migrate = proc_open(
                [\PHP_BINARY, 'artisan', 'migrate', '--force', '--seed', '--quiet'],
                [],
                $pipes,
                $root,
                ['DB_DATABASE' => "$database.new"] + $environment,
            );
            \assert(\is_resource($migrate));
            if (proc_close($migrate) !== 0) {
                self::fail('the database could not be filled');
            }
            rename("$database.new", $database);
        }
        fclose($lock);

        return $database;
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(\is_resource($socket));
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private static function start(array $command, string $folder, array $environment, int $port): void
    {
        $process = proc_open($command, [
            1 => ['file', '/dev/null', 'w'],
            2 => ['file', '/dev/null', 'w'],
        ], $pipes, $folder, $environment);
        \assert(\is_resource($process));
        self::$processes[] = $process;
        for ($try = 0; $try < 200; ++$try) {
            $connection = @fsockopen('127.0.0.1', $port);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(50_000);
        }
        self::fail(implode(' ', $command) . ' does not answer');
    }
}
