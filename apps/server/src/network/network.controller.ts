import type { HouseNetwork, OpenNetwork } from '@feverfew/contracts';
import { Controller, Header, Inject, StreamableFile } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { NetworkService } from './network.service.js';

@Controller()
export class NetworkController {
  constructor(@Inject(NetworkService) private readonly service: NetworkService) {}

  @Serves('readNetwork')
  read(): HouseNetwork {
    return this.service.read();
  }

  /** Opens this house to other devices, or shuts it. */
  @Serves('updateNetwork')
  async set(@BodyOf('updateNetwork') { isOpen }: OpenNetwork): Promise<HouseNetwork> {
    return isOpen ? this.service.open() : this.service.shut();
  }

  /** The household's root certificate: a device that trusts it is on a safe line. There is no secret in it. */
  @Serves('downloadRootCertificate')
  @Header('Content-Type', 'application/x-x509-ca-cert')
  @Header('Content-Disposition', 'attachment; filename="feverfew-household.crt"')
  root(): StreamableFile {
    return new StreamableFile(this.service.rootCertificate());
  }
}
