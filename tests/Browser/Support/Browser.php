<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Tests\Support\Running\RunningApp;

/** One headless Chromium with a profile of its own, at a viewport of exactly the size asked for. */
final class Browser
{
    /** @var array<string, self> open ones, by their profiles */
    private static array $open = [];

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly string $profile,
        private readonly int $width,
        private readonly int $height,
    ) {
    }

    /** The name it asks the application by: another than the laptop's own must be let in. */
    public string $asks = RunningApp::LAPTOP;

    /** @param  ?string  $profile  of one that was killed, to go on with */
    public static function open(string $chromeDriver, int $width = 1280, int $height = 800, ?string $profile = null): self
    {
        $profile ??= sys_get_temp_dir().'/admek-chromium-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', "--user-data-dir={$profile}",
            // What moves is looked at where motion itself is tested; elsewhere a colour half way to another is only a race.
            '--force-prefers-reduced-motion',
            // A device that is not the laptop finds the boat by a name of hers.
            '--host-resolver-rules=MAP '.RunningApp::BOAT.' 127.0.0.1',
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = new self(RemoteWebDriver::create($chromeDriver, $capabilities, 20_000, 180_000), $profile, $width, $height);
        // What a script waits for may take long on a busy machine.
        $browser->driver->manage()->timeouts()->setScriptTimeout(150);
        $browser->resize($width, $height);

        return self::$open[$profile] = $browser;
    }

    /** Those a run leaves open: ChromeDriver, ended, would leave them running. */
    public static function closeAll(): void
    {
        foreach (self::$open as $browser) {
            try {
                $browser->close();
            } catch (WebDriverException) {
                // It ended before, and its profile is gone with it.
            }
        }
    }

    public function resize(int $width, int $height): void
    {
        $this->devTools()->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    public function devTools(): ChromeDevToolsDriver
    {
        return new ChromeDevToolsDriver($this->driver);
    }

    public function picture(string $file): void
    {
        $png = base64_decode($this->devTools()->execute('Page.captureScreenshot', ['format' => 'png'])['data'], true);
        if ($png === false || file_put_contents($file, $png) === false) {
            throw new RuntimeException("Could not write {$file}");
        }
    }

    /** A new page in place of all others, with nothing kept by pages before it, and nothing of theirs emulated. */
    public function freshPage(): void
    {
        $this->devTools()->execute('Storage.clearDataForOrigin', ['origin' => '*', 'storageTypes' => 'all']);
        $old = $this->driver->getWindowHandles();
        $this->driver->switchTo()->newWindow();
        $new = $this->driver->getWindowHandle();
        foreach (array_diff($old, [$new]) as $handle) {
            $this->driver->switchTo()->window($handle);
            $this->driver->close();
        }
        $this->driver->switchTo()->window($new);
        $this->resize($this->width, $this->height);
    }

    /** As a battery that is empty ends it; what it keeps stays. */
    public function kill(): string
    {
        unset(self::$open[$this->profile]);
        posix_kill($this->driver->getCapabilities()?->getCapability('goog:processID'), SIGKILL);
        try {
            $this->driver->quit();
        } catch (WebDriverException) {
            // It is gone.
        }

        return $this->profile;
    }

    /** @throws WebDriverException where it is not there any more */
    public function close(): void
    {
        unset(self::$open[$this->profile]);
        try {
            $this->driver->quit();
        } finally {
            exec('rm -rf '.escapeshellarg($this->profile));
        }
    }
}
