<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** One headless Chromium with a profile of its own, at a viewport of exactly the size asked for. */
final class Browser
{
    private function __construct(public readonly RemoteWebDriver $driver, private readonly string $profile)
    {
    }

    public static function open(string $chromeDriver, int $width = 1280, int $height = 800): self
    {
        $profile = sys_get_temp_dir().'/admek-chromium-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', "--user-data-dir={$profile}",
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = new self(RemoteWebDriver::create($chromeDriver, $capabilities, 20_000, 60_000), $profile);
        $browser->resize($width, $height);

        return $browser;
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

    public function close(): void
    {
        $this->driver->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }
}
